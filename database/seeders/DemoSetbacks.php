<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Setback\TellSetback;
use App\Actions\Setback\Told;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\Pieces\PieceRecords;
use Carbon\CarbonImmutable;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Setback\Cause;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/** What has gone wrong in the demo shop: a year of it, one that waits to be decided, and a board that was kept. All of it invented. */
final class DemoSetbacks
{
    /** Builds back from the last that is finished => operation, what happened, because of what, words, minutes and cents lost, what was decided. */
    private const BEFORE = [
        1 => [JointOperation::Pocket, Mishap::TemplateDip, PieceKind::Body, Cause::Template, 'The template’s left edge has a dip of 0.2.', 50, 0, 'true the template, go round again'],
        3 => [FretboardOperation::Slots, Mishap::SlotOff, PieceKind::Fretboard, Cause::Template, 'The fourteenth slot wandered: chips under the long template.', 95, 4_200, 'a new fretboard'],
        5 => [NeckOperation::Carve, Mishap::TearOut, PieceKind::Neck, Cause::Tool, 'Torn out behind the nut, against the grain.', 60, 0, 'let a piece in'],
        8 => [FretboardOperation::Slots, Mishap::SlotOff, PieceKind::Fretboard, Cause::Template, 'The third slot is off by a millimetre; chips again.', 130, 4_200, 'a new fretboard'],
        10 => [HeadstockOperation::TunerHoles, Mishap::TunerHoles, PieceKind::Neck, Cause::Hand, 'Two holes by eye, and they show it.', 70, 0, 'plug with dowels, drill again'],
        12 => [BodyOperation::Cavities, Mishap::CutTooFar, PieceKind::Body, Cause::Reading, 'The control cavity is 3 mm too long.', 85, 0, 'let a piece in, cut again'],
        15 => [BodyOperation::Sand, Mishap::Dropped, PieceKind::Body, Cause::Accident, 'Knocked against the vice.', 40, 0, 'steam the dent out'],
    ];

    public function run(CarbonImmutable $now, Person $manager): void
    {
        $finished = Build::query()->with('specification')->where('status', BuildStatus::Finished->value)->orderByDesc('finished_at')->get()->values();
        foreach (self::BEFORE as $back => $one) {
            $build = $finished->get($back);
            $build === null || $this->before($build, $manager, $one);
        }
        $this->keptBoard($finished->get(8), $now);
        $photographs = app(DemoPhotographs::class);
        $photographs->run();
        $this->open($now, $photographs);
    }

    /** @param  array{\Regimen\Route\Entry\RouteKey, Mishap, PieceKind, Cause, string, int, int, string}  $one */
    private function before(Build $build, Person $manager, array $one): void
    {
        [$key, $mishap, $piece, $cause, $text, $minutes, $cents, $decided] = $one;
        $operation = $build->operations()->where('key', $key->value)->whereNotNull('labour_done_at')->first();
        if ($operation === null) {
            return;
        }
        $at = $operation->labour_done_at ?? $build->ordered_at;
        $setback = app(TellSetback::class)->keep($operation->person ?? $manager, $build, $operation, new Told($mishap, $piece, $text, $cause, $at));
        $setback->update([
            'told_at' => $at, 'state' => SetbackState::Decided, 'remedy_words' => $decided, 'decided_by' => $manager->id, 'decided_at' => $at->addHour(), 'lost_material_minor' => $cents,
        ]);
        TimeEntry::query()->create([
            'operation_id' => $operation->id, 'person_id' => $operation->person_id ?? $manager->id, 'worked_on' => $at->toDateString(), 'minutes' => $minutes,
            'rate_minor' => $operation->person->rate_minor ?? 4_800, 'source' => 'afterwards', 'setback_id' => $setback->id,
        ]);
        LogEntry::query()->create(['build_id' => $build->id, 'person_id' => $operation->person_id, 'at' => $at, 'kind' => 'setback', 'text' => "Something is wrong at {$operation->name}, the {$piece->value}: {$text}"]);
    }

    /** The board whose third slot was off waits in stock, good for what is left of it. */
    private function keptBoard(?Build $build, CarbonImmutable $now): void
    {
        $setback = $build === null ? null : Setback::query()->where('build_id', $build->id)->first();
        if ($build === null || $setback === null) {
            return;
        }
        $thickness = $build->operations()->where('key', FretboardOperation::Thickness->value)->firstOrFail();
        $piece = MadePiece::query()->create([
            'kind' => PieceKind::Fretboard, 'kinds' => [PieceKind::Fretboard], 'made_for_id' => $build->id, 'revision_id' => $build->specification->id, 'setback_id' => $setback->id,
            'state' => PieceState::InStock, 'place' => 'board rack, top', 'good_to_fret' => null, 'done' => [$thickness->key => PieceRecords::state($thickness)],
            'measured' => ['boardThickness' => '6.1 mm'], 'person_id' => $thickness->person_id, 'at' => $setback->at,
        ]);
        $timber = KitLine::query()->where('build_id', $build->id)->where('group', PartGroup::FretboardTimber->value)->firstOrFail();
        KitLine::query()->create([
            ...$timber->only(['build_id', 'group', 'name', 'quantity', 'unit', 'supplier', 'lead_days', 'estimated_minor']), 'cost_minor' => $timber->costMinor(),
            'state' => KitState::Used, 'used' => $timber->quantity, 'surplus' => true, 'piece_id' => $piece->id, 'arrived_on' => $now->subMonths(3)->toDateString(),
        ]);
        TimeEntry::query()->create([
            'operation_id' => $thickness->id, 'person_id' => $thickness->person_id ?? 1, 'worked_on' => $setback->at->toDateString(), 'minutes' => 35, 'rate_minor' => 4_800,
            'source' => 'afterwards', 'piece_id' => $piece->id,
        ]);
    }

    private function open(CarbonImmutable $now, DemoPhotographs $photographs): void
    {
        // On a board that is not glued yet if there is one, otherwise on one that has no frets yet.
        $slots = $this->slotsBefore(FretboardOperation::Glue) ?? $this->slotsBefore(FretboardOperation::Fret);
        if ($slots === null || $slots->person === null) {
            return;
        }
        $text = 'The ninth slot is sawn two millimetres off its place';
        $setback = app(TellSetback::class)->keep($slots->person, $slots->build, $slots, new Told(Mishap::SlotOff, PieceKind::Fretboard, $text, Cause::Template, $now->subMinutes(40), 9));
        LogEntry::query()->create([
            'build_id' => $slots->build_id, 'person_id' => $slots->person_id, 'at' => $now->subMinutes(40), 'kind' => 'setback',
            'text' => "Something is wrong at {$slots->name}, the fretboard: {$text} With a photograph.",
        ]);
        $photographs->keep($slots->build, $slots, $text, $now->subMinutes(39), $setback, false);
    }

    private function slotsBefore(FretboardOperation $next): ?Operation
    {
        return Operation::query()->with(['build.specification', 'person'])->where('key', FretboardOperation::Slots->value)->whereNotNull('labour_done_at')
            ->whereRelation('build', 'status', BuildStatus::Open->value)
            ->whereHas('build.operations', static fn ($query) => $query->where('key', $next->value)->whereNull('started_at'))
            ->orderByDesc('labour_done_at')->first();
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Models\Setback\MadePiece;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\Setback\RemedyLine;
use App\Pages\Setback\SetbackHead;
use App\Pages\Setback\SetbackProps;
use App\Pages\Shop\Option;
use App\Pages\Worked\Drawing;
use App\Planning\House\House;
use App\Planning\Pieces\PieceRecords;
use App\Planning\Setback\Remedies;
use App\Planning\Setback\WithWhatIsLeft;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Drawing\Bench\BoardPieces;
use Regimen\Drawing\Bench\BodyPieces;
use Regimen\Drawing\Bench\NeckPieces;
use Regimen\Figures\Workings;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Setback\Cause;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Remedy;
use Regimen\Setback\RemedyKind;
use Regimen\Setback\Salvage;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;

/** Something that went wrong, and what can be done about it; what each would do to the plan follows one by one. */
final readonly class SetbackPage
{
    public function __construct(
        private Remedies $remedies, private WithWhatIsLeft $left, private Revisions $revisions, private HappenedBefore $before, private House $house, private Clock $clock,
    ) {
    }

    public function data(Setback $setback, Person $viewer): SetbackProps
    {
        $setback->load(['build.specification', 'build.client', 'operation', 'person', 'decider', 'resource', 'worker']);
        $isOpen = $setback->state === SetbackState::Open;
        $thing = $this->remedies->thing($setback);
        $read = Revisions::read($setback->build->specification);
        $workings = $read->specification === null ? null : $this->revisions->workings($read, $setback->build);

        return new SetbackProps(
            setback: $this->head($setback, $thing, $viewer),
            remedies: $isOpen ? array_map(fn (Remedy $one): RemedyLine => $this->line($one, $setback, $thing, $workings, $viewer), $this->remedies->for($setback)) : [],
            old: $isOpen && $setback->piece !== null && $workings !== null && $thing?->isBegun() === true
                ? Salvage::of($setback->piece, $workings, $setback->fret, self::isSlotted($thing)) : [],
            again: $this->before->of($setback),
            pieces: array_map(static fn (PieceKind $one): Option => new Option($one->value, $one->value), $setback->mishap->pieces()),
            causes: array_map(static fn (Cause $one): Option => new Option($one->value, $one->words()), Cause::cases()),
            until: $this->clock->now()->setTimezone($this->house->zone())->addDay()->toDateString(),
        );
    }

    private function head(Setback $setback, ?Thing $thing, Person $viewer): SetbackHead
    {
        $lost = Losses::of($setback);
        $currency = $this->house->shop()->currency;
        $stake = $thing === null || ! $thing->isBegun() ? 0 : PieceRecords::kit($setback->build, $thing)->sum(static fn (KitLine $line): int => PieceRecords::worth($line, $currency));

        return new SetbackHead(
            id: $setback->id, version: $setback->version, build: $setback->build->number, title: $setback->build->title, text: $setback->text,
            mishap: $setback->mishap->words(), piece: $setback->piece?->value, cause: $setback->cause->value, operation: $setback->operation?->name,
            operationId: $setback->operation_id, by: $setback->person->name, at: $setback->at->toIso8601ZuluString(), state: $setback->state->value,
            decided: $setback->remedy_words, decidedBy: $setback->decider?->name, finishBefore: $setback->finish_before, finishAfter: $setback->finish_after,
            lostMinutes: $lost['minutes'], atStakeMinutes: $thing?->worked()->minutes ?? 0,
            lostMoney: $viewer->isManager() && $lost['labour'] + $lost['material'] > 0 ? $this->house->money($lost['labour'] + $lost['material'])->plain() : null,
            atStakeMoney: $viewer->isManager() && $stake > 0 ? $this->house->money($stake)->plain() : null,
            joined: $thing?->joined() ?? '', open: $setback->state === SetbackState::Open,
            photographs: array_values(Photograph::query()->where('setback_id', $setback->id)->orderBy('id')->pluck('id')->all()),
        );
    }

    private function line(Remedy $one, Setback $setback, ?Thing $thing, ?Workings $workings, Person $viewer): RemedyLine
    {
        $money = $this->house->rate()->forTime($one->labour)->plus($this->house->money($one->cost));

        return new RemedyLine(
            do: $one->kind->value, option: $one->option, name: $one->name, minutes: $one->labour->minutes,
            money: $viewer->isManager() && $money->minor > 0 ? $money->plain() : null, lost: $this->lost($one, $setback, $thing), parts: $one->parts, cannot: $one->cannot,
            shows: $one->shows, replaces: $one->kind->replaces(), drawing: $this->drawing($one, $setback, $workings),
        );
    }

    /** What leaves the cost of the build for the loss account. */
    private function lost(Remedy $one, Setback $setback, ?Thing $thing): ?string
    {
        $minutes = match (true) {
            $one->kind->replaces() => $thing?->worked()->minutes ?? 0,
            $one->kind === RemedyKind::WriteOff => (int) $setback->build->operations()->withSum('timeEntries as worked_minutes', 'minutes')->get()->sum('worked_minutes'),
            default => 0,
        };

        return $minutes > 0 ? Say::duration($minutes).($one->kind === RemedyKind::WriteOff ? ', and all that was used' : ', less what is kept') : null;
    }

    /** The piece as it would be. */
    private function drawing(Remedy $one, Setback $setback, ?Workings $here): ?Drawing
    {
        $workings = match ($one->kind) {
            RemedyKind::FromStock => $this->ofStock((int) $one->option),
            RemedyKind::FromBuild => $this->ofBuild((int) $one->option),
            RemedyKind::TakeWhatIsLeft => $this->withLeft($setback, $one->option) ?? $here,
            default => $here,
        };
        if ($workings === null || $setback->piece === null) {
            return null;
        }
        $isOld = in_array($one->kind, [RemedyKind::Mend, RemedyKind::Keep, RemedyKind::WriteOff], true);
        $view = match ($setback->piece) {
            PieceKind::Fretboard => BoardPieces::plain($workings, $isOld ? $setback->fret : null, $one->kind === RemedyKind::Mend),
            PieceKind::Neck => NeckPieces::plain($workings),
            default => BodyPieces::plain($workings),
        };

        return Drawings::view($view->view, 1, 4.0);
    }

    private function ofStock(int $id): ?Workings
    {
        $piece = MadePiece::query()->with('revision')->find($id);
        $read = $piece === null ? null : Revisions::read($piece->revision);

        return $read?->specification === null ? null : $this->revisions->workings($read);
    }

    private function ofBuild(int $number): ?Workings
    {
        $build = Build::query()->with('specification')->where('number', $number)->first();
        $read = $build === null ? null : Revisions::read($build->specification);

        return $read?->specification === null ? null : $this->revisions->workings($read, $build);
    }

    private function withLeft(Setback $setback, string $option): ?Workings
    {
        foreach ($this->left->of($setback) as $left) {
            $read = WithWhatIsLeft::read($setback->build->specification, $left);
            if ($left->key === $option && $read->specification !== null) {
                return $this->revisions->workings($read, $setback->build);
            }
        }

        return null;
    }

    private static function isSlotted(Thing $thing): bool
    {
        return in_array(FretboardOperation::Slots->value, array_map(static fn (Step $step): string => $step->key, $thing->begun()), true);
    }
}

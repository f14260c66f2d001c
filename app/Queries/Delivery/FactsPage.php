<?php

declare(strict_types=1);

namespace App\Queries\Delivery;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Gate\Reading;
use App\Models\People\TimeEntry;
use App\Pages\Delivery\CareLine;
use App\Pages\Delivery\FactGroupLine;
use App\Pages\Delivery\FactLine;
use App\Pages\Delivery\FactsProps;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Support\Say;
use Regimen\Delivery\CareSheet;
use Regimen\Delivery\Fact;
use Regimen\Delivery\FactGroup;
use Regimen\Delivery\FactSheet;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Parts\PartGroup;
use Regimen\Units\Words;

/** What is told of a finished instrument: as it was measured, and as it was drawn where nobody has. */
final readonly class FactsPage
{
    /** Readings of the gates that tell a figure more truly than its drawing: line => field. */
    private const READ = [
        'relief' => 'relief', 'action-at-the-twelfth-treble' => 'actionTreble', 'action-at-the-twelfth-bass' => 'actionBass',
        'thickness-at-the-first-fret-board-included' => 'thicknessFirst', 'thickness-at-the-twelfth' => 'thicknessTwelfth', 'width-at-the-nut' => 'nutWidth',
    ];

    private const WEIGHT = 'weight';

    public function __construct(private House $house, private Revisions $revisions)
    {
    }

    public function data(Build $build): FactsProps
    {
        $build->load(['specification', 'measurements', 'client']);
        $groups = $this->groups($build);
        $drawn = 0;
        foreach ($groups as $group) {
            $drawn += count(array_filter($group->facts, static fn (Fact $fact): bool => $fact->known === Fact::DRAWN));
        }

        return new FactsProps(
            build: $build->number, title: $build->title, inOneLine: Revisions::read($build->specification)->orFail()->inOneLine(),
            finished: $build->status === BuildStatus::Finished,
            missing: match (true) {
                $build->status !== BuildStatus::Finished => 'It is not finished yet: this is what is known so far.',
                default => Say::count($drawn, 'line stands', 'lines stand').' as drawn, because nobody has measured it.',
            },
            drawing: Drawings::ofRevision($build->specification)->drawing,
            groups: array_map(static fn (FactGroup $group): FactGroupLine => new FactGroupLine(
                $group->name, array_map(static fn (Fact $fact): FactLine => new FactLine($fact->what, $fact->value, $fact->known), $group->facts),
            ), $groups),
            care: self::care($build),
            photographs: array_values(Photograph::query()->where('build_id', $build->id)->where('for_client', true)->orderBy('id')->pluck('id')->all()),
        );
    }

    /** @return list<CareLine> */
    private static function care(Build $build): array
    {
        $lines = [];
        foreach (CareSheet::for(AsMade::read($build, AsMade::measured($build))->orFail()) as $heading => $sentences) {
            $lines[] = new CareLine($heading, $sentences);
        }

        return $lines;
    }

    /** @return list<FactGroup> */
    private function groups(Build $build): array
    {
        $measured = AsMade::measured($build);
        $made = AsMade::read($build, $measured);
        $read = self::read($build);
        $groups = [new FactGroup('Instrument', [...$this->instrument($build), $read[self::WEIGHT] ?? $this->weight($build)])];
        foreach (FactSheet::of($made, array_keys($measured)) as $group) {
            $facts = array_map(
                static fn (Fact $fact): Fact => isset($read[$fact->field]) ? new Fact($fact->what, $read[$fact->field]->value, Fact::MEASURED, $fact->field) : $fact, $group->facts,
            );
            $groups[] = new FactGroup($group->name, [...$facts, ...$group->name === 'Hardware' ? $this->hardware($build) : []]);
        }

        return $groups;
    }

    /** @return list<Fact> */
    private function instrument(Build $build): array
    {
        $minutes = (int) TimeEntry::query()->whereIn('operation_id', $build->operations()->whereNull('setback_id')->select('id'))->whereNull('struck_at')
            ->whereNull('setback_id')->whereNull('piece_id')->sum('minutes');

        return [
            new Fact('Number', (string) $build->number, Fact::RECORDED),
            ...$build->finished_at === null ? [] : [new Fact('Finished', Say::dayAndYear($build->finished_at->setTimezone($this->house->zone())->toDateString()), Fact::RECORDED)],
            ...$minutes === 0 ? [] : [new Fact('Hours of work', Say::duration($minutes), Fact::RECORDED)],
        ];
    }

    private function weight(Build $build): Fact
    {
        $workings = $this->revisions->workings(Revisions::read($build->specification), $build);

        return new Fact('Weight', Words::number($workings->mass()->total() / 1000, 2).' kg', Fact::COMPUTED);
    }

    /** @return array<string, Fact> the last reading of each line, by the field that it tells, and the weight */
    private static function read(Build $build): array
    {
        $facts = [];
        $rows = Reading::query()->counting()->join('operations', 'operations.id', '=', 'readings.operation_id')->where('operations.build_id', $build->id)
            ->whereColumn('readings.round', 'operations.gate_round')->whereIn('readings.line', [self::WEIGHT, ...array_keys(self::READ)])->orderBy('readings.id')->get(['readings.*']);
        foreach ($rows as $row) {
            $facts[self::READ[$row->line] ?? self::WEIGHT] = new Fact(
                'Weight', $row->unit === 'g' ? Words::number($row->value / 1000, 2).' kg' : ReadingText::shown($row->value, $row->unit).' ('.Words::inches($row->value).')', Fact::MEASURED,
            );
        }

        return $facts;
    }

    /** @return list<Fact> what was bought and is in it */
    private function hardware(Build $build): array
    {
        $groups = [PartGroup::Tuners, PartGroup::Bridge, PartGroup::Pickups, PartGroup::Strings];

        return array_values(KitLine::query()->where('build_id', $build->id)->where('surplus', false)->whereIn('group', array_map(static fn (PartGroup $one): string => $one->value, $groups))->orderBy('id')->get()
            ->filter(static fn (KitLine $line): bool => $line->state->isInTheShop())
            ->map(static fn (KitLine $line): Fact => new Fact(ucfirst(str_replace('the ', '', $line->group->words())).', fitted', $line->name, Fact::RECORDED))->all());
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\LastChange;
use App\Models\Build\Build;
use App\Models\Plan\PlanOffer;
use App\Models\Plan\PlanTrouble;
use App\Pages\Dict;
use App\Pages\Horizon\BetterPlan;
use App\Pages\Horizon\FinishMoved;
use App\Pages\Horizon\HorizonBuild;
use App\Pages\Horizon\HorizonProps;
use App\Pages\Horizon\PersonMoved;
use App\Pages\Horizon\TroubleLine;
use App\Pages\Horizon\UndoLine;
use App\Pages\Later;
use App\Planning\House\House;
use App\Queries\Build\BuildLines;
use App\Queries\Build\BuildStrip;
use App\Queries\Build\OpenBuilds;
use App\Queries\Forecast\OpenChances;
use App\Queries\Today\Headline;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** Every open build over the coming weeks. */
final readonly class HorizonPage
{
    private const WEEKS_BACK = 1;

    private const WEEKS_AHEAD_AT_LEAST = 8;

    private const WEEKS_AHEAD_AT_MOST = 20;

    private const MOST_TROUBLES = 40;

    public function __construct(
        private OpenBuilds $builds,
        private House $house,
        private Clock $clock,
        private HorizonItems $items,
        private LastChange $lastChange,
        private OpenChances $chances,
        private HeldOnHorizon $held,
    ) {
    }

    /** @param  bool  $withQuotes  also what is only quoted: for those who see clients */
    public function data(bool $withQuotes): HorizonProps
    {
        $zone = $this->house->zone();
        $from = $this->clock->now()->setTimezone($zone)->startOfWeek()->subWeeks(self::WEEKS_BACK);
        $rows = array_values($this->builds->all()->map(fn (Build $build): HorizonBuild => $this->row($build))->all());
        $days = array_filter([...array_column($rows, 'finish'), ...array_column($rows, 'promisedOn'), ...$withQuotes ? $this->held->days() : []]);
        $last = $days === [] ? null : max($days);
        $weeks = $last === null ? 0 : (int) ceil($from->diffInWeeks($last));
        $to = $from->addWeeks(min(self::WEEKS_AHEAD_AT_MOST, max(self::WEEKS_AHEAD_AT_LEAST, $weeks)));

        return new HorizonProps(
            headline: Headline::about($this->builds->outlooks()),
            under: $this->under($rows),
            from: $from->toIso8601ZuluString(),
            to: $to->toIso8601ZuluString(),
            weeks: $this->weeks($from, $to),
            free: $this->free($from, $to),
            builds: $rows,
            offer: $this->offer(),
            items: $this->items->items($from, $to),
            people: $this->items->people($from, $to),
            resources: $this->items->resources(),
            outages: $this->items->outages($from, $to),
            troubles: $this->troubles(),
            undo: $this->undo(),
            weights: new Dict(get_object_vars($this->house->weights())),
            shopVersion: $this->house->shop()->version,
            held: $withQuotes ? new Later(fn (): array => $this->held->places()) : null,
        );
    }

    /**
     * @return list<TroubleLine> what the plan could
     *   not do as it was asked
     */
    private function troubles(): array
    {
        $operations = $this->builds->operations();
        $numbers = $this->builds->all()->pluck('number', 'id');

        $troubles = PlanTrouble::query()->orderBy('id')->limit(self::MOST_TROUBLES)->get();

        return array_values($troubles->map(static fn (PlanTrouble $one): TroubleLine => new TroubleLine(
            build: $numbers->get($one->build_id),
            operation: (string) $operations->get((int) $one->operation_id)?->name,
            operationId: $one->operation_id,
            words: $one->words,
        ))->all());
    }

    /** @return UndoLine|null the last thing that was fixed and can be taken back */
    private function undo(): ?UndoLine
    {
        $last = $this->lastChange->find();

        return $last === null ? null : new UndoLine(id: $last->id, words: $last->words);
    }

    /** @return BetterPlan|null a better plan that waits for a decision */
    private function offer(): ?BetterPlan
    {
        $offer = PlanOffer::query()->where('state', 'open')->latest('id')->first();

        return $offer === null ? null : new BetterPlan(
            id: $offer->id,
            at: $offer->at->toIso8601ZuluString(),
            gains: array_map(static fn (array $one): FinishMoved => new FinishMoved(...$one), $offer->gains),
            moves: array_map(static fn (array $one): PersonMoved => new PersonMoved(...$one), $offer->moves),
        );
    }

    /** @return list<string> the Mondays, in the shop's zone */
    private function weeks(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $weeks = [];
        for ($week = $from; $week < $to; $week = $week->addWeek()) {
            $weeks[] = $week->toIso8601ZuluString();
        }

        return $weeks;
    }

    /** @return list<array{string, string}> stretches of days on which the shop does not work */
    private function free(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $stretches = [];
        $since = null;
        for ($day = $from; $day <= $to; $day = $day->addDay()) {
            $works = $day >= $to || $this->house->hours()->on($day->format('Y-m-d')) !== [];
            if ($works && $since !== null) {
                $stretches[] = [$since->toIso8601ZuluString(), $day->toIso8601ZuluString()];
            }
            $since = $works ? null : $since ?? $day;
        }

        return $stretches;
    }

    private function row(Build $build): HorizonBuild
    {
        return new HorizonBuild(
            BuildLines::line($build, $this->builds->outlook($build)),
            promiseAt: $build->promised_on === null
                ? null
                : Placement::iso(Minutes::endOfDay($build->promised_on, $this->house->zone())),
            promiseKind: $build->promise_kind,
            strip: BuildStrip::marks($this->builds->placements($build)),
            waits: $this->waits($build),
            chance: $this->chances->shown($build->id, $this->house->zone()),
        );
    }

    /** @return list<string> what a build waits for outside the shop, in words */
    private function waits(Build $build): array
    {
        $today = $this->clock->today($this->house->zone());
        $parts = $build->kit->filter(
            static fn ($line): bool => $line->expected_on !== null && ! $line->state->isInTheShop()
                && $line->expected_on < $today,
        )
            ->map(static fn ($line): string => "{$line->name}, overdue since ".Say::day((string) $line->expected_on));
        $decisions = $build->operations->filter(static fn ($operation): bool => $operation->waits_for !== '')
            ->map(
                static fn ($operation): string => "{$operation->waits_for}, by "
                    .Say::day((string) $operation->waits_until),
            );

        return [...$parts->values()->all(), ...$decisions->values()->all()];
    }

    /** @param  list<HorizonBuild>  $rows */
    private function under(array $rows): string
    {
        if ($rows === []) {
            return 'Take a commission, and its stages, holds and promise appear here.';
        }
        $waiting = array_values(array_filter($rows, static fn (HorizonBuild $row): bool => $row->waits !== []));
        $words = Say::count(count($rows), 'build')
            .' over the coming weeks, all planned together on the people and clamps there are.';

        return $waiting === [] ? $words : "{$words} No. {$waiting[0]->number} waits for {$waiting[0]->waits[0]}.";
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\LastChange;
use App\Models\Build\Build;
use App\Models\Plan\PlanOffer;
use App\Models\Plan\PlanTrouble;
use App\Planning\House\House;
use App\Queries\Build\BuildLine;
use App\Queries\Build\BuildStrip;
use App\Queries\Build\OpenBuilds;
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
    ) {
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $zone = $this->house->zone();
        $from = $this->clock->now()->setTimezone($zone)->startOfWeek()->subWeeks(self::WEEKS_BACK);
        $rows = $this->builds->all()->map(fn (Build $build): array => $this->row($build))->values();
        $last = $rows->flatMap(
            static fn (array $row): array => array_filter([$row['finish'], $row['promisedOn']]),
        )->max();
        $weeks = $last === null ? 0 : (int) ceil($from->diffInWeeks($last));
        $to = $from->addWeeks(min(self::WEEKS_AHEAD_AT_MOST, max(self::WEEKS_AHEAD_AT_LEAST, $weeks)));

        return [
            'headline' => Headline::about($this->builds->outlooks()),
            'under' => $this->under($rows->all()),
            'from' => $from->toIso8601ZuluString(),
            'to' => $to->toIso8601ZuluString(),
            'weeks' => $this->weeks($from, $to),
            'free' => $this->free($from, $to),
            'builds' => $rows->all(),
            'offer' => $this->offer(),
            ...$this->items->data($from, $to),
            'troubles' => $this->troubles(),
            'undo' => $this->undo(),
            'weights' => get_object_vars($this->house->weights()),
            'shopVersion' => $this->house->shop()->version,
        ];
    }

    /**
     * @return list<array{build: int|null, operation: string, operationId: int|null, words: string}> what the plan could
     *   not do as it was asked
     */
    private function troubles(): array
    {
        $operations = $this->builds->operations();
        $numbers = $this->builds->all()->pluck('number', 'id');

        $troubles = PlanTrouble::query()->orderBy('id')->limit(self::MOST_TROUBLES)->get();

        return array_values($troubles->map(static fn (PlanTrouble $one): array => [
            'build' => $numbers->get($one->build_id),
            'operation' => (string) $operations->get((int) $one->operation_id)?->name,
            'operationId' => $one->operation_id, 'words' => $one->words,
        ])->all());
    }

    /** @return array{id: int, words: string}|null the last thing that was fixed and can be taken back */
    private function undo(): ?array
    {
        $last = $this->lastChange->find();

        return $last === null ? null : ['id' => $last->id, 'words' => $last->words];
    }

    /** @return array<string, mixed>|null a better plan that waits for a decision */
    private function offer(): ?array
    {
        $offer = PlanOffer::query()->where('state', 'open')->latest('id')->first();

        return $offer === null ? null : [
            'id' => $offer->id, 'at' => $offer->at->toIso8601ZuluString(), 'gains' => $offer->gains,
            'moves' => $offer->moves,
        ];
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

    /** @return array<string, mixed> */
    private function row(Build $build): array
    {
        return [
            ...BuildLine::line($build, $this->builds->outlook($build)),
            'promiseAt' => $build->promised_on === null
                ? null
                : Placement::iso(Minutes::endOfDay($build->promised_on, $this->house->zone())),
            'promiseKind' => $build->promise_kind->value,
            'strip' => BuildStrip::marks($this->builds->placements($build)),
            'waits' => $this->waits($build),
        ];
    }

    /** What a build waits for outside the shop, in words. @return list<string> */
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

        return [...$parts->values(), ...$decisions->values()];
    }

    /** @param  array<int, array<string, mixed>>  $rows */
    private function under(array $rows): string
    {
        if ($rows === []) {
            return 'Take a commission, and its stages, holds and promise appear here.';
        }
        $waiting = array_values(array_filter($rows, static fn (array $row): bool => $row['waits'] !== []));
        $words = Say::count(count($rows), 'build')
            .' over the coming weeks, all planned together on the people and clamps there are.';

        return $waiting === [] ? $words : "{$words} No. {$waiting[0]['number']} waits for {$waiting[0]['waits'][0]}.";
    }
}

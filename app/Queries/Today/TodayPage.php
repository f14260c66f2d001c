<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\Today\Arrival;
use App\Pages\Today\Decision;
use App\Pages\Today\FreedFixture;
use App\Pages\Today\PromiseInDanger;
use App\Pages\Today\TodayPerson;
use App\Pages\Today\TodayProps;
use App\Pages\Today\WrongNote;
use App\Planning\House\House;
use App\Queries\Build\BuildLines;
use App\Queries\Build\OpenBuilds;
use App\Queries\Forecast\Budgets;
use App\Queries\House\ResourceNames;
use App\Queries\Plan\Placement;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;

/** The day: who does what when, what ends, what arrives, what is to be decided and which promises are in danger. */
final readonly class TodayPage
{
    private const LOOK_AHEAD_DAYS = 7;

    public function __construct(
        private OpenBuilds $builds,
        private House $house,
        private Clock $clock,
        private ResourceNames $resources,
        private PeopleToday $peopleToday,
        private FirstThing $todo,
        private Budgets $budgets,
    ) {
    }

    public function data(Person $viewer): TodayProps
    {
        $today = $this->clock->today($this->house->zone());
        $day = $this->day($today);
        $people = $this->peopleToday->people($viewer, $day);
        $planned = array_sum(array_map(static fn (TodayPerson $person): int => $person->plannedMinutes, $people));
        $there = array_sum(array_map(static fn (TodayPerson $person): int => $person->minutes, $people));

        return new TodayProps(
            headline: Headline::about($this->builds->outlooks()),
            day: $day,
            isToday: $day === $today,
            todo: $this->todo->of($viewer, $this->promises(), $this->arrives($today), $this->decide(), $today),
            under: ($day === $today ? '' : 'The shop is closed until '.Say::day($day).', which is shown here. ')
                .Say::figure($planned / 60, 1).' of '.Say::figure($there / 60, 1).' bench hours are planned.',
            people: $people,
            free: $this->free($day),
            arrives: $this->arrives($today),
            decide: $this->decide(),
            wrong: self::wrong(),
            promises: $this->promises(),
            budgets: $viewer->isManager() ? $this->budgets->inDanger() : [],
            kept: $this->kept(),
            empty: $this->builds->all()->isEmpty(),
        );
    }

    /** Today, or the next day on which the shop works. */
    /** Today until the last one goes home; then the next day on which somebody works. */
    private function day(string $today): string
    {
        $closing = $this->peopleToday->closing($today);
        $now = $this->clock->now()->setTimezone($this->house->zone());
        if ($closing !== null && $now->hour * 60 + $now->minute < $closing) {
            return $today;
        }
        $day = $today;
        for ($ahead = 0; $ahead < 14 && ($day === $today || $this->house->hours()->on($day) === []); $ahead++) {
            $day = (new \DateTimeImmutable("{$day} +1 day"))->format('Y-m-d');
        }

        return $day;
    }

    /** @return list<FreedFixture> holds that end on the day, and what they free */
    private function free(string $day): array
    {
        [$from, $to] = $this->bounds($day);

        return array_values($this->builds->placed()
            ->filter(
                static fn (Placement $one): bool => $one->operation->hold_minutes > 0 && $one->finish !== null
                    && $one->finish >= $from && $one->finish < $to,
            )
            ->sortBy('finish')
            ->map(fn (Placement $one): FreedFixture => new FreedFixture(
                build: $one->operation->build->number,
                operation: $one->operation->name,
                fixture: $one->operation->fixture === null ? null : $this->resources->of($one->operation->fixture),
                until: Placement::iso((int) $one->finish),
            ))->all());
    }

    /** @return list<Arrival> parts that are expected within a week or overdue */
    private function arrives(string $today): array
    {
        $until = (new \DateTimeImmutable("{$today} +".self::LOOK_AHEAD_DAYS.' days'))->format('Y-m-d');

        return array_values($this->builds->all()
            ->flatMap(
                static fn (Build $build): Collection => $build->kit->map(
                    static fn (KitLine $line): array => ['build' => $build->number, 'line' => $line],
                ),
            )
            ->filter(
                static fn (array $one): bool => $one['line']->expected_on !== null
                    && ! $one['line']->state->isInTheShop() && $one['line']->expected_on <= $until,
            )
            ->sortBy(static fn (array $one): string => (string) $one['line']->expected_on)
            ->groupBy(static fn (array $one): string => "{$one['line']->expected_on} {$one['build']}")
            ->map(static fn (Collection $together): Arrival => new Arrival(
                build: $together->firstOrFail()['build'],
                names: array_values($together->map(static fn (array $one): string => $one['line']->name)->all()),
                expectedOn: (string) $together->firstOrFail()['line']->expected_on,
                late: $together->firstOrFail()['line']->expected_on < $today,
            ))->all());
    }

    /** @return list<Decision> */
    private function decide(): array
    {
        return array_values($this->builds->operations()
            ->filter(static fn (Operation $operation): bool => $operation->waits_for !== '')
            ->map(static fn (Operation $operation): Decision => new Decision(
                build: $operation->build->number,
                title: $operation->build->title,
                what: $operation->waits_for,
                until: (string) $operation->waits_until,
                operation: $operation->name,
            ))->all());
    }

    /** @return list<WrongNote> the earliest first */
    private static function wrong(): array
    {
        return array_values(Setback::query()->with(['person:id,name', 'operation:id,name', 'build:id,number'])->where('state', SetbackState::Open->value)->orderBy('id')->get()
            ->map(static fn (Setback $one): WrongNote => new WrongNote(
                id: $one->id, build: $one->build->number, where: implode(', ', array_filter([$one->operation->name ?? '', $one->piece->value ?? ''])),
                text: $one->text, by: $one->person->name, at: $one->at->toIso8601ZuluString(),
            ))->all());
    }

    /** @return list<PromiseInDanger> in danger, the latest first */
    private function promises(): array
    {
        return array_values($this->builds->all()
            ->map(fn (Build $build): array => ['build' => $build, 'outlook' => $this->builds->outlook($build)])
            ->filter(static fn (array $one): bool => $one['outlook']->inDanger())
            ->sortBy(static fn (array $one): int => $one['outlook']->slackDays ?? PHP_INT_MIN)
            ->map(static fn (array $one): PromiseInDanger => new PromiseInDanger(
                build: $one['build']->number,
                title: $one['build']->title,
                verdict: $one['outlook']->verdict,
                slackDays: $one['outlook']->slackDays,
                words: BuildLines::slackWords($one['outlook']),
            ))->all());
    }

    private function kept(): int
    {
        return $this->builds
            ->all()
            ->filter(fn (Build $build): bool => $this->builds->outlook($build)->verdict->value === 'kept')
            ->count();
    }

    /** @return array{int, int} the first minute of a day and of the next */
    private function bounds(string $day): array
    {
        return [Minutes::ofDay($day, $this->house->zone()), Minutes::endOfDay($day, $this->house->zone()) + 1];
    }
}

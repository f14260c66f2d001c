<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\Grid;
use Regimen\Schedule\Time\WorkingHours;

/**
 * Plans speak in five-minute marks; what has to be done in one sitting is; a station stands only as it was itself set.
 */
final class MarksAndSittingsTest extends TestCase
{
    use Shops;

    public function test_marks_are_five_minutes_apart_before_and_after_the_epoch(): void
    {
        self::assertSame([0, 5, 5, 10, 0, -5], array_map(Grid::up(...), [0, 1, 5, 6, -4, -5]));
        self::assertSame([0, 0, 5, 5, -5, -5], array_map(Grid::down(...), [0, 4, 5, 9, -4, -5]));
    }

    public function test_hours_off_the_marks_are_used_as_far_as_whole_marks_lie_in_them(): void
    {
        $odd = Calendar::from(
            WorkingHours::of(array_fill(1, 5, [[483, 722]]), [], $this->zone()), $this->at('2026-03-16'),
        );
        $plan = $this->plan(
            [new Activity('a', 'one', 33, 61, 'any')], [new Worker(1, 'odd', ['any'], $odd)], '2026-03-18 07:58',
        );
        self::assertSame(['2026-03-18 08:05', '2026-03-18 08:40', '2026-03-18 09:45'], $this->times($plan, 'a'));
        self::assertSame(235, $odd->longestSitting($this->at('2026-03-16')));
    }

    /**
     * @return iterable<string, array{array<int, int>, int, list<string>, int}> speeds by person, minutes of work, when
     *   it is planned, by whom
     */
    public static function sittings(): iterable
    {
        yield 'it would go over the break, so it is begun after it' => [
            [1 => 100], 60, ['2026-03-18 12:30', '2026-03-18 13:30'], 1,
        ];
        yield 'just until the break' => [[1 => 100], 30, ['2026-03-18 11:30', '2026-03-18 12:00'], 1];
        yield 'who is fast enough is done before the break' => [
            [1 => 100, 2 => 200], 60, ['2026-03-18 11:30', '2026-03-18 12:00'], 2,
        ];
        yield 'too long for the slow one’s longest stretch, not for the quick one’s' => [
            [1 => 50, 2 => 100], 200, ['2026-03-18 12:30', '2026-03-18 15:50'], 2,
        ];
    }

    /**
     * @param  array<int, int>  $speeds
     * @param  list<string>  $times
     */
    #[DataProvider('sittings')]
    public function test_one_sitting_is_kept_at_whatever_speed(array $speeds, int $work, array $times, int $who): void
    {
        $people = array_map(
            fn (int $id, int $speed): Worker => new Worker(
                $id, "W{$id}", ['any'], $this->calendar(), ['any' => $speed],
            ),
            array_keys($speeds),
            $speeds,
        );
        $activities = [new Activity('glue', 'one', $work, skill: 'any', oneSitting: true)];
        $plan = $this->plan($activities, $people, '2026-03-18 11:30');
        self::assertSame(
            [...$times, $who],
            [...array_slice($this->times($plan, 'glue'), 0, 2), $plan->assignments['glue']->worker],
        );
        self::assertSame([], Troubles::find($this->problem($activities, $people, '2026-03-18 11:30'), $plan));
    }

    public function test_a_stretch_on_one_longer_day_is_waited_for(): void
    {
        $longer = Calendar::from($this->hours()->longer('2026-03-20', 60), $this->at('2026-03-16'));
        $activities = [new Activity('glue', 'one', 300, skill: 'any', oneSitting: true)];
        $people = [new Worker(1, 'W1', ['any'], $longer)];
        $plan = $this->plan($activities, $people);
        self::assertSame(['2026-03-20 12:30', '2026-03-20 17:30'], array_slice($this->times($plan, 'glue'), 0, 2));
        self::assertSame([], Troubles::find($this->problem($activities, $people), $plan));
        // Once that day is over nobody works as long any more: over a break then, and told.
        $late = $this->plan($activities, $people, '2026-03-23 08:00');
        self::assertSame(['2026-03-23 08:00', '2026-03-23 13:30'], array_slice($this->times($late, 'glue'), 0, 2));
        self::assertSame(
            'It takes 5 h in one sitting, and nobody who can do it works longer than 4 h 30 min without a break. It is '
                .'planned over a break: split it, or lengthen somebody’s stretch.',
            $this->told($activities, $people, $late, '2026-03-23 08:00'),
        );
    }

    public function test_sanding_that_makes_it_too_long_for_the_rest_of_the_morning_moves_it_whole(): void
    {
        $activities = [
            new Activity('first', 'one', 30, 1_380, 'any'),
            new Activity(
                'second', 'one', 180, skill: 'any', predecessors: [new Predecessor('first')], oneSitting: true,
                windows: [new Window('first', 600, 90)],
            ),
        ];
        $plan = $this->plan($activities, [$this->worker(1)]);
        self::assertSame(270, $plan->assignments['second']->work);
        self::assertSame(['2026-03-19 12:30', '2026-03-19 17:00'], array_slice($this->times($plan, 'second'), 0, 2));
    }

    public function test_who_it_is_given_to_is_named_when_their_stretch_is_too_short(): void
    {
        $short = new Worker(
            2,
            'short',
            ['any'],
            Calendar::from(
                WorkingHours::of(array_fill(1, 5, [[480, 600]]), [], $this->zone()), $this->at('2026-03-16'),
            ),
        );
        $activities = [
            new Activity(
                'glue', 'one', 200, skill: 'any', oneSitting: true,
                announced: new Announced(2, $this->at('2026-03-18 08:00'), false),
            ),
        ];
        $people = [$this->worker(1), $short];
        self::assertStringContainsString(
            'the person it is given to does not work as long without a break',
            $this->told($activities, $people, $this->plan($activities, $people)),
        );
    }

    /** With the sanding for the first window it is begun later, and the second has closed as well. */
    public function test_a_window_missed_because_of_another_is_sanded_too(): void
    {
        $activities = [
            new Activity('far', 'one', 30, skill: 'any'),
            new Activity(
                'coat', 'one', 30, 600, 'any', [new Predecessor('far')],
                announced: new Announced(1, $this->at('2026-03-18 08:30')),
            ),
            new Activity('next', 'one', 205, skill: 'any', predecessors: [new Predecessor('coat')], oneSitting: true, windows: [
                new Window(null, $this->at('2026-03-18 20:00'), 40),
                new Window(null, $this->at('2026-03-19 09:00'), 20),
            ]),
        ];
        $plan = $this->plan($activities, [$this->worker(1)]);
        // 205 minutes would fit before noon; with 40 of sanding they fit only after it, and then the second window is
        // past.
        self::assertSame(['2026-03-19 12:30', 265], [$this->times($plan, 'next')[0], $plan->assignments['next']->work]);
        self::assertCount(2, $plan->assignments['next']->missed);
    }

    public function test_only_a_station_that_was_itself_set_stands_and_what_is_under_way_on_it_counts(): void
    {
        $of = static fn (string $id, string $build, ?string $station, ?int $startedAt = null): Activity => new Activity(
            $id, $build, 60, skill: 'any', demands: [new Demand('bench'), new Demand('router')],
            worker: $startedAt === null ? null : 1, startedAt: $startedAt, setUp: new SetUp('template', 20, $station),
        );
        $shares = fn (Activity ...$activities): array => array_map(
            static fn ($one): ?string => $one->sharesSetUpOf,
            Builder::plan(
                new Problem(
                    $this->at('2026-03-18 08:00'), $activities, [$this->worker(1)], ['bench' => 1, 'router' => 1],
                ),
            )->assignments,
        );
        self::assertSame(['a' => null, 'b' => 'a'], $shares($of('a', 'one', 'router'), $of('b', 'two', 'router')));
        self::assertSame(
            ['a' => null, 'b' => null], $shares($of('a', 'one', 'bench'), $of('b', 'two', 'router')),
            'both use both, but not the same one was set',
        );
        self::assertSame(
            ['a' => null, 'b' => null], $shares($of('a', 'one', null), $of('b', 'two', null)),
            'what is set nowhere does not stand',
        );
        self::assertSame(
            ['a' => null, 'b' => 'a'],
            $shares($of('a', 'one', 'router', $this->at('2026-03-18 07:30')), $of('b', 'two', 'router')),
            'what has begun has set it',
        );
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     */
    private function problem(array $activities, array $workers, string $now = '2026-03-18 08:00'): Problem
    {
        return new Problem($this->at($now), $activities, $workers, []);
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     */
    private function plan(array $activities, array $workers, string $now = '2026-03-18 08:00'): Plan
    {
        return Builder::plan($this->problem($activities, $workers, $now));
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     */
    private function told(array $activities, array $workers, Plan $plan, string $now = '2026-03-18 08:00'): string
    {
        return implode(
            ' ',
            array_map(
                static fn (Trouble $one): string => $one->words,
                Troubles::find($this->problem($activities, $workers, $now), $plan),
            ),
        );
    }

    /** @return list<string> start, end of the work, end of the hold */
    private function times(Plan $plan, string $id): array
    {
        $one = $plan->assignments[$id];

        return [$this->local($one->start), $this->local($one->workEnd), $this->local($one->finish)];
    }
}

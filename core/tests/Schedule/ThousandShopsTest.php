<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Activity;
use Regimen\Schedule\Assignment;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Calendar;
use Regimen\Schedule\Demand;
use Regimen\Schedule\Due;
use Regimen\Schedule\Improver;
use Regimen\Schedule\Plan;
use Regimen\Schedule\Predecessor;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Release;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Worker;
use Regimen\Schedule\WorkingHours;

/**
 * Two thousand small shops drawn at random, in zones with and without clock changes, with part days, days off, lead times,
 * pins, holds and work under way. What is planned is judged from the definition alone, by the instants at which anything
 * changes.
 */
final class ThousandShopsTest extends TestCase
{
    private const SHOPS = 2_000;

    private const ZONES = ['Europe/Berlin', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'UTC'];

    /** Days around which clocks change somewhere. */
    private const DAYS = ['2026-03-27', '2026-03-07', '2026-04-03', '2026-10-23', '2026-10-31', '2026-06-10'];

    /** @var array<int, array{array<int, list<array{int, int}>>, list<string>}> hours and days off by person */
    private array $people = [];

    private \DateTimeZone $zone;

    public function test_every_plan_keeps_what_the_shop_is(): void
    {
        $under = $late = 0;
        for ($seed = 1; $seed <= self::SHOPS; $seed++) {
            $problem = $this->shop($seed);
            $plan = Builder::plan($problem);
            $this->judge($problem, $plan, "shop {$seed}");
            if ($seed % 40 === 0) {
                self::assertEquals($plan, Builder::plan($this->shop($seed)), 'the same shop, the same plan');
                $this->judge($problem, Improver::improve($problem, new Budget(12), $seed)->best, "shop {$seed}, improved");
            }
            $under += count(array_filter($problem->activities, static fn (Activity $activity): bool => $activity->isUnderWay()));
            $late += count(array_filter($plan->assignments, static fn (Assignment $one): bool => $one->finish > $problem->now + 20_000));
        }
        self::assertGreaterThan(100, $under, 'work under way is among them');
        self::assertGreaterThan(100, $late, 'and long waits');
    }

    private function shop(int $seed): Problem
    {
        mt_srand($seed);
        $this->zone = new \DateTimeZone(self::ZONES[$seed % 5]);
        $now = intdiv((new \DateTimeImmutable(self::DAYS[$seed % 6].sprintf(' %02d:%02d', mt_rand(0, 23), mt_rand(0, 59)), $this->zone))->getTimestamp(), 60);
        $workers = [];
        $this->people = [];
        for ($id = 1; $id <= mt_rand(1, 3); $id++) {
            $week = [];
            for ($day = 1; $day <= 7; $day++) {
                $from = 60 * mt_rand(6, 10);
                $week[$day] = $day > 5 || mt_rand(0, 5) === 0 ? [] : [[$from, $from + 60 * mt_rand(2, 4)], [13 * 60 + 30 * mt_rand(2, 4), 60 * mt_rand(16, 19)]];
            }
            $week[1] = [[480, 720]];
            $off = mt_rand(0, 2) === 0 ? [(new \DateTimeImmutable('@'.($now + 1_440 * mt_rand(0, 4)) * 60))->setTimezone($this->zone)->format('Y-m-d')] : [];
            $this->people[$id] = [$week, $off];
            $workers[] = new Worker($id, "W{$id}", $id === 1 ? ['a', 'b'] : ['a'], Calendar::from(WorkingHours::of($week, $off, $this->zone), $now));
        }

        return new Problem($now, $this->activities($now), $workers, ['clamps' => 2, 'bench' => 1, 'piece1' => 1, 'piece2' => 1], ['b1' => new Due($now + 5_000), 'b2' => new Due(null, 1)]);
    }

    /** @return list<Activity> */
    private function activities(int $now): array
    {
        $activities = [];
        foreach ([1, 2] as $build) {
            for ($step = 1; $step <= mt_rand(2, 6); $step++) {
                $before = $step > 1 ? [new Predecessor("b{$build}s".mt_rand(1, $step - 1), mt_rand(0, 4) === 0 ? mt_rand(1, 4_000) : 0)] : [];
                $demands = [new Demand("piece{$build}", 1, true), mt_rand(0, 1) === 0 ? new Demand('bench') : new Demand('clamps', mt_rand(1, 2), true)];
                $isUnderWay = $build === 1 && $step === 1 && mt_rand(0, 3) === 0;
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", mt_rand(5, 400), mt_rand(0, 2) === 0 ? mt_rand(30, 3_000) : 0, ['a', 'b'][mt_rand(0, 1)], $before, $demands,
                    mt_rand(0, 5) === 0 ? new Release($now + mt_rand(0, 8_000), 'a part') : null, mt_rand(0, 3) === 0,
                    $isUnderWay || mt_rand(0, 6) === 0 ? 1 : null, $isUnderWay ? $now - 30 : null,
                );
            }
        }

        return $activities;
    }

    private function judge(Problem $problem, Plan $plan, string $which): void
    {
        self::assertCount(count($problem->activities), $plan->assignments, $which);
        $uses = $busy = [];
        foreach ($plan->assignments as $id => $one) {
            $activity = $problem->activities[$id];
            self::assertGreaterThanOrEqual($problem->now, $one->start, $which);
            self::assertSame($activity->hold, $one->finish - $one->workEnd, $which);
            self::assertSame($activity->work, $this->worked((int) $one->worker, $one->start, $one->workEnd), "{$which}, {$id}: labour in working minutes");
            self::assertTrue($activity->worker === null || $activity->worker === $one->worker, "{$which}, {$id}: pinned");
            self::assertTrue(in_array($activity->skill, $one->worker === 1 ? ['a', 'b'] : ['a'], true), "{$which}, {$id}: skilled");
            if (! $activity->isUnderWay()) {
                self::assertGreaterThanOrEqual($activity->release->instant ?? 0, $one->start, "{$which}, {$id}: released");
                foreach ($activity->predecessors as $before) {
                    self::assertGreaterThanOrEqual($plan->assignments[$before->activity]->finish + $before->lag, $one->start, "{$which}, {$id}: linked");
                }
            }
            $busy[$one->worker][] = [$one->start, $one->workEnd, 1];
            foreach ($activity->demands as $demand) {
                $uses[$demand->resource][] = [$one->start, $demand->throughHold ? $one->finish : $one->workEnd, $demand->quantity];
            }
        }
        foreach ($uses as $resource => $stretches) {
            self::assertLessThanOrEqual($problem->capacities[$resource], self::most($stretches), "{$which}: {$resource}");
        }
        foreach ($busy as $person => $stretches) {
            // Over a night a person may do something short that lies inside a longer one's break: minutes are counted, not stretches.
            $work = array_sum(array_map(fn (array $one): int => $this->worked($person, $one[0], $one[1]), $stretches));
            self::assertSame($work, $this->workedInAny($person, $stretches), "{$which}: one thing at a time");
        }
    }

    /** @param  list<array{int, int, int}>  $stretches */
    private static function most(array $stretches): int
    {
        $most = 0;
        foreach ($stretches as [$at, $until]) {
            $taken = 0;
            foreach ($stretches as [$from, $to, $quantity]) {
                $taken += $until > $at && $from <= $at && $at < $to ? $quantity : 0;
            }
            $most = max($most, $taken);
        }

        return $most;
    }

    /** Working minutes of a person between two instants, day by day in their zone. */
    private function worked(int $person, int $from, int $to): int
    {
        $minutes = 0;
        foreach ($this->stretchesOf($person, $from, $to) as [$begin, $end]) {
            $minutes += max(0, min($to, $end) - max($from, $begin));
        }

        return $minutes;
    }

    /** @param  list<array{int, int, int}>  $stretches */
    private function workedInAny(int $person, array $stretches): int
    {
        sort($stretches);
        $sum = 0;
        $until = 0;
        foreach ($stretches as [$from, $to]) {
            $sum += $this->worked($person, max($from, $until), max($to, $until));
            $until = max($until, $to);
        }

        return $sum;
    }

    /** @return iterable<array{int, int}> */
    private function stretchesOf(int $person, int $from, int $to): iterable
    {
        [$week, $off] = $this->people[$person];
        $day = (new \DateTimeImmutable('@'.$from * 60))->setTimezone($this->zone)->setTime(0, 0);
        for (; intdiv($day->getTimestamp(), 60) < $to; $day = $day->modify('+1 day')->setTime(0, 0)) {
            foreach (in_array($day->format('Y-m-d'), $off, true) ? [] : $week[(int) $day->format('N')] as [$begin, $end]) {
                yield [intdiv($day->setTime(intdiv($begin, 60), $begin % 60)->getTimestamp(), 60), intdiv($day->setTime(intdiv($end, 60), $end % 60)->getTimestamp(), 60)];
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/**
 * Two thousand small shops drawn at random, in zones with and without clock changes, with part days, days off, outages,
 * speeds, lead times, pins to people, days and orders, what was told, set-ups, recoat windows, holds and work under
 * way.
 */
final class ThousandShopsTest extends TestCase
{
    private const SHOPS = 2_000;

    private const ZONES = ['Europe/Berlin', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'UTC'];

    /** When the bench can be worked at in every fifth shop. */
    private const OPEN = [
        1 => [[480, 900]], 2 => [[420, 1_080]], 3 => [[420, 720], [780, 1_140]], 4 => [[480, 1_080]], 6 => [[480, 720]],
    ];

    /** Days around which clocks change somewhere. */
    private const DAYS = ['2026-03-27', '2026-03-07', '2026-04-03', '2026-10-23', '2026-10-31', '2026-06-10'];

    /** @var array<int, DrawnPerson> */
    private array $people = [];

    private \DateTimeZone $zone;

    public function test_every_plan_keeps_what_the_shop_is(): void
    {
        $helped = $alone = $under = $late = $shared = $missed = $held = $closed = $cut = 0;
        for ($seed = 1; $seed <= self::SHOPS; $seed++) {
            $problem = $this->shop($seed);
            $plan = Builder::plan($problem);
            $judge = new ShopJudge($this->people, $this->zone);
            $open = $problem->hours === [] ? [] : ['bench' => self::OPEN];
            $unplanned = count($plan->unplanned);
            $closed += $unplanned;
            self::assertTrue(
                $unplanned === 0 || $problem->hours !== [] || self::nobodyHelps($problem, $plan->unplanned),
                "shop {$seed}: all is planned",
            );
            if ($unplanned > 0) {
                continue;
            }
            $judge->judge($problem, $plan, "shop {$seed}", [], $open);
            if ($seed % 40 === 0) {
                self::assertEquals($plan, Builder::plan($this->shop($seed)), 'the same shop, the same plan');
                $judge->judge(
                    $problem, Improver::improve($problem, new Budget(12), $seed)->best, "shop {$seed}, improved", [], $open,
                );
            }
            $helped += count(array_filter($plan->assignments, static fn (Assignment $one): bool => $one->helper !== null));
            $alone += count(array_filter($plan->assignments, static fn (Assignment $one): bool => $one->runsUntil !== null));
            $cut += count(array_filter($plan->assignments, static fn (Assignment $one): bool => $one->sittings !== []));
            $under += count(
                array_filter($problem->activities, static fn (Activity $activity): bool => $activity->isUnderWay()),
            );
            $late += count(
                array_filter(
                    $plan->assignments,
                    static fn (Assignment $one): bool => $one->finish > $problem->now + 20_000,
                ),
            );
            $shared += count(
                array_filter($plan->assignments, static fn (Assignment $one): bool => $one->sharesSetUpOf !== null),
            );
            $missed += count(
                array_filter($plan->assignments, static fn (Assignment $one): bool => $one->missed !== []),
            );
            $held += count(
                array_filter(
                    $plan->assignments,
                    static fn (Assignment $one): bool => $one->reason->kind === ReasonKind::Window,
                ),
            );
        }
        self::assertGreaterThan(100, $cut, 'labour that is begun and taken up again is among them');
        self::assertGreaterThan(500, min($helped, $alone), 'people help, and machines run by themselves');
        self::assertLessThan(400, $closed, 'and little that a station is never open for');
        self::assertGreaterThan(100, $under, 'work under way is among them');
        self::assertGreaterThan(100, $late, 'and long waits');
        self::assertGreaterThan(100, $shared, 'and shared set-ups');
        self::assertGreaterThan(50, $missed, 'and windows that are missed');
        self::assertGreaterThan(20, $held, 'and some that are kept by holding back');
    }

    /** @param  array<int|string, \Regimen\Schedule\Plan\Unplanned>  $unplanned */
    private static function nobodyHelps(Problem $problem, array $unplanned): bool
    {
        return array_filter(
            array_keys($unplanned), static fn (int|string $id): bool => $problem->activities[$id]->hands > 0,
        ) !== [];
    }

    private function shop(int $seed): Problem
    {
        mt_srand($seed);
        $this->zone = new \DateTimeZone(self::ZONES[$seed % 5]);
        $now = intdiv(
            (
                new \DateTimeImmutable(
                    self::DAYS[$seed % 6].sprintf(' %02d:%02d', mt_rand(0, 23), mt_rand(0, 59)),
                    $this->zone,
                )
            )->getTimestamp(),
            60,
        );
        $workers = [];
        $this->people = [];
        for ($id = 1; $id <= mt_rand(1, 3); $id++) {
            $week = [];
            for ($day = 1; $day <= 7; $day++) {
                $from = 60 * mt_rand(6, 10);
                $week[$day] = $day > 5 || mt_rand(0, 5) === 0 ? [] : [
                    [$from, $from + 60 * mt_rand(2, 4)], [13 * 60 + 30 * mt_rand(2, 4), 60 * mt_rand(16, 19)],
                ];
            }
            $week[1] = [[480, 720]];
            $off = mt_rand(0, 2) === 0 ? [
                (
                    new \DateTimeImmutable('@'.($now + 1_440 * mt_rand(0, 4)) * 60)
                )->setTimezone($this->zone)->format('Y-m-d'),
            ] : [];
            $hours = WorkingHours::of($week, $off, $this->zone);
            $away = [];
            if (mt_rand(0, 2) === 0) {
                $away = [
                    (
                        new \DateTimeImmutable('@'.($now + 1_440 * mt_rand(0, 4)) * 60)
                    )->setTimezone($this->zone)->format('Y-m-d'),
                    60 * mt_rand(7, 12),
                    60 * mt_rand(13, 20),
                ];
                $hours = $hours->away(...$away);
            }
            $speeds = mt_rand(0, 2) === 0 ? ['a' => mt_rand(25, 400)] : [];
            $this->people[$id] = new DrawnPerson($week, $off, $away, $speeds);
            $workers[] = new Worker(
                $id, "W{$id}", $id === 1 ? ['a', 'b'] : ['a'], Calendar::from($hours, $now), $speeds,
            );
        }
        $outages = [];
        for ($outage = mt_rand(0, 2); $outage > 0; $outage--) {
            $from = $now + mt_rand(-600, 6_000);
            $outages[] = new Outage(
                ['bench', 'clamps'][mt_rand(0, 1)], $from, $from + mt_rand(60, 3_000), 'it is down',
                mt_rand(0, 1) === 0,
            );
        }

        return new Problem(
            $now, $this->activities($now), $workers, ['clamps' => 2, 'bench' => 1, 'piece1' => 1, 'piece2' => 1],
            ['b1' => new Due($now + 5_000), 'b2' => new Due(null, 1)], $outages,
            hours: $seed % 5 === 0
                ? ['bench' => Calendar::from(WorkingHours::of(self::OPEN, [], $this->zone), $now)]
                : [],
        );
    }

    /** @return list<Activity> */
    private function activities(int $now): array
    {
        $activities = [];
        foreach ([1, 2] as $build) {
            for ($step = 1; $step <= mt_rand(2, 6); $step++) {
                $before = $step > 1 ? [
                    new Predecessor("b{$build}s".mt_rand(1, $step - 1), mt_rand(0, 4) === 0 ? mt_rand(1, 4_000) : 0),
                ] : [];
                $demands = [
                    new Demand("piece{$build}", 1, true),
                    mt_rand(0, 1) === 0 ? new Demand('bench') : new Demand('clamps', mt_rand(1, 2), true),
                ];
                $onBench = end($demands)->resource === 'bench';
                $work = mt_rand(5, 400);
                $isUnderWay = $build === 1 && $step === 1 && mt_rand(0, 3) === 0;
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", $work, mt_rand(0, 2) === 0 ? mt_rand(30, 3_000) : 0,
                    ['a', 'b'][mt_rand(0, 1)], $before, $demands,
                    mt_rand(0, 5) === 0 ? new Release($now + mt_rand(0, 8_000), 'a part') : null, mt_rand(0, 3) === 0,
                    $isUnderWay || mt_rand(0, 6) === 0 ? 1 : null, $isUnderWay ? $now - 30 : null,
                    setUp: $onBench && mt_rand(0, 1) === 0
                        ? new SetUp(['fence', 'template'][mt_rand(0, 1)], mt_rand(1, $work), 'bench')
                        : null,
                    windows: $before !== [] && mt_rand(0, 3) === 0
                        ? [new Window($before[0]->activity, mt_rand(60, 4_000), mt_rand(0, 60))]
                        : [],
                    pin: $this->pin($now, $build, $step),
                    announced: $build === 1 && $step === 1 && ! $isUnderWay && mt_rand(0, 3) === 0
                        ? new Announced(1, $now + mt_rand(0, 300))
                        : null,
                    hands: mt_rand(0, 5) === 0 ? mt_rand(5, 90) : 0,
                    alone: $onBench && mt_rand(0, 3) === 0 ? mt_rand(5, 300) : 0,
                );
            }
        }

        return $activities;
    }

    private function pin(int $now, int $build, int $step): ?Pin
    {
        return match (mt_rand(0, 9)) {
            0 => new Pin(worker: mt_rand(1, 3)),
            1 => new Pin(from: $now + mt_rand(0, 4_000), until: $now + mt_rand(4_000, 6_000)),
            2 => $build === 2 ? new Pin(after: "b1s{$step}") : null,
            3 => $build === 1 ? new Pin(after: "b2s{$step}") : null,
            default => null,
        };
    }
}

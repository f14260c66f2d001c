<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** Generated shops with four people of different skills, a router and a booth of which there is one each, and clamps. */
final class HardShops
{
    private const SKILLS = [['a', 'b'], ['a'], ['b', 'c'], ['a', 'c']];

    private const OPERATIONS = 50;

    /** Monday at eight. */
    public static function drawn(int $builds, int $seed, int $operations = self::OPERATIONS): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $now = intdiv((int) strtotime('2026-03-16T08:00:00Z'), 60);
        $workers = array_map(static fn (int $index): Worker => new Worker(
            $index + 1, "W{$index}", self::SKILLS[$index], Calendar::from(self::hours(), $now),
        ), array_keys(self::SKILLS));
        $activities = $dues = [];
        $capacities = ['router' => 1, 'booth' => 1, 'clamps' => 3];
        for ($build = 1; $build <= $builds; $build++) {
            $dues["b{$build}"] = new Due($now + intdiv(1_440 * $random->getInt(10, 60) * $operations, self::OPERATIONS));
            $capacities["p{$build}"] = 1;
            for ($step = 1; $step <= $operations; $step++) {
                $kind = $random->getInt(0, 9);
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", $random->getInt(20, 200), $random->getInt(0, 5) === 0 ? 720 : 0,
                    ['a', 'b', 'c', 'a', 'b'][$random->getInt(0, 4)],
                    $step === 1
                        ? []
                        : [new Predecessor("b{$build}s".$random->getInt(max(1, $step - 4), $step - 1))],
                    [new Demand("p{$build}", 1, true), ...match (true) {
                        $kind < 2 => [new Demand('router')],
                        $kind < 3 => [new Demand('booth')],
                        $kind < 5 => [new Demand('clamps', 1, true)],
                        default => [],
                    }],
                    oneSitting: $random->getInt(0, 5) === 0,
                );
            }
        }

        return new Problem($now, $activities, $workers, $capacities, $dues);
    }

    public static function hours(): WorkingHours
    {
        return WorkingHours::of(array_fill(1, 5, [[480, 720], [750, 1_020]]), [], new \DateTimeZone('UTC'));
    }

    /** @return array<int, WorkingHours> by person */
    public static function hoursOfAll(): array
    {
        return array_fill(1, count(self::SKILLS), self::hours());
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Proven;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Promise;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/**
 * Small workshops drawn at random, on whole hours: two or three people with hours and skills of their own, nights, holds,
 * fixtures that are held, and promises of three kinds. Small enough for a solver of integer programs to prove the best.
 */
final class SmallShops
{
    public const HOUR = 60;

    /** From this seed on promises are given with more time. */
    private const HARD = 40;

    /** Hours of a weekday in which each person works. */
    public const HOURS = [
        1 => [8, 9, 10, 11, 13, 14, 15, 16], 2 => [9, 10, 11, 12, 13], 3 => [8, 9, 10, 11, 13, 14],
    ];

    private const STRETCHES = [1 => [[480, 720], [780, 1020]], 2 => [[540, 840]], 3 => [[480, 720], [780, 900]]];

    /** Monday at eight, in a zone without clock changes. */
    public static function drawn(int $seed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $now = intdiv((int) strtotime('2026-03-16T08:00:00Z'), 60);
        $people = 2 + $seed % 2;
        $workers = [];
        for ($id = 1; $id <= $people; $id++) {
            $hours = WorkingHours::of(array_fill(1, 5, self::STRETCHES[$id]), [], new \DateTimeZone('UTC'));
            $skills = [1 => ['wood', 'any'], 2 => ['any'], 3 => ['any', 'lacquer']][$id];
            $workers[] = new Worker($id, "W{$id}", $skills, Calendar::from($hours, $now));
        }
        $skills = $people === 2 ? ['wood', 'any', 'any'] : ['wood', 'any', 'any', 'lacquer'];
        $activities = $dues = [];
        $capacities = ['clamps' => 1, 'bench' => 1, 'rack' => 2];
        $builds = 3 + intdiv($seed, 2) % 2;
        foreach (range(1, $builds) as $build) {
            $hours = $random->getInt(10, 30 * $builds - 30);
            $kind = Promise::cases()[$random->getInt(0, 2)];
            $dues["b{$build}"] = new Due(
                $now + self::HOUR * ($seed > self::HARD ? 40 + 2 * $hours : $hours), promise: $kind,
            );
            foreach (range(1, $builds === 3 ? 4 : 3) as $step) {
                $through = $random->getInt(0, 2) === 0;
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", self::HOUR * $random->getInt(1, 5),
                    $random->getInt(0, 2) === 0 ? self::HOUR * $random->getInt(2, 14) : 0,
                    $skills[$random->getInt(0, count($skills) - 1)],
                    $step > 1 ? [new Predecessor('b'.$build.'s'.($step - 1))] : [],
                    match ($random->getInt(0, 3)) {
                        0 => [new Demand('clamps', 1, true)],
                        1 => [new Demand('bench')],
                        2 => [new Demand('rack', 1 + (int) $through, $through)],
                        default => [],
                    },
                );
            }
        }

        return new Problem($now, $activities, $workers, $capacities, $dues);
    }
}

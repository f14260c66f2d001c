<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Promise;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Symfony\Component\Process\Process;

/**
 * Small workshops drawn at random, with people's hours, nights, clamps that are held, and promises of three kinds,
 * against optima that a general-purpose solver of integer programs proves for the same objective, lateness first: CBC
 * of the COIN-OR project, from Debian's package coinor-cbc. Everything lies on whole hours; a variable for every
 * operation, person and hour.
 */
final class ProvenShopsTest extends TestCase
{
    private const HOUR = 60;

    private const DAYS = 5;

    private const SHOPS = 8;

    /** Working hours of the two people, by the hour of a weekday. */
    private const HOURS = [1 => [8, 9, 10, 11, 13, 14, 15, 16], 2 => [9, 10, 11, 12, 13]];

    public function test_small_shops_are_planned_as_well_as_can_be_proven(): void
    {
        $gaps = [];
        for ($seed = 1; $seed <= self::SHOPS; $seed++) {
            $problem = self::shop($seed);
            $found = Improver::improve($problem, new Budget(300), $seed)->bestCost;
            $best = self::proven($problem);
            self::assertGreaterThanOrEqual($best, $found, "shop {$seed}: nothing is better than the best");
            $gaps[] = $found / $best - 1;
        }
        self::assertLessThanOrEqual(0.02, array_sum($gaps) / count($gaps), 'the mean gap: '.json_encode($gaps));
        self::assertGreaterThanOrEqual(
            self::SHOPS - 2,
            count(array_filter($gaps, static fn (float $gap): bool => $gap < 1e-9)),
            'nearly all are the best there is: '.json_encode($gaps),
        );
    }

    /** Monday at eight, in a zone without clock changes. */
    private static function shop(int $seed): Problem
    {
        mt_srand($seed);
        $now = intdiv((int) strtotime('2026-03-16T08:00:00Z'), 60);
        $workers = [];
        foreach (self::HOURS as $id => $hours) {
            $stretches = $id === 1 ? [[480, 720], [780, 1020]] : [[540, 840]];
            $workers[] = new Worker(
                $id,
                "W{$id}",
                $id === 1 ? ['wood', 'any'] : ['any'],
                Calendar::from(WorkingHours::of(array_fill(1, 5, $stretches), [], new \DateTimeZone('UTC')), $now),
            );
        }
        $activities = $dues = [];
        foreach (range(1, 3) as $build) {
            $dues["b{$build}"] = new Due($now + self::HOUR * mt_rand(8, 40), promise: Promise::cases()[mt_rand(0, 2)]);
            foreach (range(1, 3) as $step) {
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", self::HOUR * mt_rand(1, 5),
                    mt_rand(0, 2) === 0 ? self::HOUR * mt_rand(2, 14) : 0, mt_rand(0, 2) === 0 ? 'wood' : 'any',
                    $step > 1 ? [new Predecessor('b'.$build.'s'.($step - 1))] : [],
                    mt_rand(0, 1) === 0 ? [new Demand('clamps', 1, true)] : [new Demand('bench')],
                );
            }
        }

        return new Problem($now, $activities, $workers, ['clamps' => 1, 'bench' => 1], $dues);
    }

    /** The least cost there is. */
    private static function proven(Problem $problem): int
    {
        $choices = self::choices($problem);
        $lines = [
            'Minimize',
            ' obj: '.implode(
                ' + ',
                array_map(
                    static fn (string $build): string => $problem->weights->inTheShop." f_{$build} + "
                        .$problem->weights->late * $problem->weights->of($problem->dues[$build]->promise)." l_{$build}",
                    array_keys($problem->dues),
                ),
            ),
            'Subject To',
        ];
        foreach ($problem->activities as $id => $activity) {
            $lines[] = " one_{$id}: ".implode(' + ', array_keys($choices[$id])).' = 1';
            $lines[] = " over_{$id}: f_{$activity->build} - ".implode(
                ' - ',
                array_map(
                    static fn (array $one, string $name): string => "{$one['finish']} {$name}",
                    $choices[$id],
                    array_keys($choices[$id]),
                ),
            ).' >= 0';
            foreach ($activity->predecessors as $before) {
                $lines[] = " after_{$id}: ".implode(
                    ' + ',
                    array_map(
                        static fn (array $one, string $name): string => "{$one['start']} {$name}",
                        $choices[$id],
                        array_keys($choices[$id]),
                    ),
                )
                    .' - '.implode(
                        ' - ',
                        array_map(
                            static fn (array $one, string $name): string => "{$one['finish']} {$name}",
                            $choices[$before->activity],
                            array_keys($choices[$before->activity]),
                        ),
                    ).' >= 0';
            }
        }
        foreach ($problem->dues as $build => $due) {
            $lines[] = " late_{$build}: l_{$build} - f_{$build} >= ".-($due->instant - $problem->now);
        }
        foreach (self::rooms($problem, $choices) as $room => [$terms, $capacity]) {
            $lines[] = " {$room}: ".implode(' + ', $terms)." <= {$capacity}";
        }
        $lines = [
            ...$lines,
            'Binaries',
            ...array_map(static fn (array $of): string => ' '.implode(' ', array_keys($of)), $choices),
            'End',
        ];
        $file = tempnam(sys_get_temp_dir(), 'shop').'.lp';
        file_put_contents($file, implode("\n", $lines)."\n");
        $answer = (new Process(['cbc', $file, 'solve'], timeout: 240))->mustRun()->getOutput();
        unlink($file);
        self::assertStringContainsString('Optimal solution found', $answer);
        self::assertSame(1, preg_match('/Objective value:\s+([\d.]+)/', $answer, $found));

        return (int) round((float) $found[1]);
    }

    /**
     * @return array<string, array<string, array{person: int, start: int, finish: int, works: list<int>, end: int}>>
     *   where each could stand, by operation and variable; minutes since now
     */
    private static function choices(Problem $problem): array
    {
        $choices = [];
        foreach ($problem->activities as $id => $activity) {
            foreach ($activity->skill === 'wood' ? [1] : [1, 2] as $person) {
                $there = self::there($person);
                foreach ($there as $index => $hour) {
                    $works = array_slice($there, $index, intdiv($activity->work, self::HOUR));
                    if (count($works) * self::HOUR === $activity->work) {
                        $end = self::HOUR * (end($works) + 1);
                        $choices[$id]["x_{$id}_{$person}_{$hour}"] = [
                            'person' => $person, 'start' => self::HOUR * $hour, 'finish' => $end + $activity->hold,
                            'works' => $works, 'end' => $end,
                        ];
                    }
                }
            }
        }

        return $choices;
    }

    /** @return list<int> the hours since now in which a person works */
    private static function there(int $person): array
    {
        $there = [];
        for ($hour = 0; $hour < 24 * self::DAYS; $hour++) {
            if (in_array((8 + $hour) % 24, self::HOURS[$person], true)) {
                $there[] = $hour;
            }
        }

        return $there;
    }

    /**
     * @param  array<string, array<string, array{person: int, start: int, finish: int, works: list<int>, end: int}>>
     *   $choices
     * @return array<string, array{list<string>, int}> what shares an hour of a person or of a resource, and how much
     *   there is
     */
    private static function rooms(Problem $problem, array $choices): array
    {
        $rooms = [];
        foreach ($choices as $id => $of) {
            foreach ($of as $name => $one) {
                foreach ($one['works'] as $hour) {
                    $rooms["person{$one['person']}_{$hour}"] = [
                        [...$rooms["person{$one['person']}_{$hour}"][0] ?? [], $name], 1,
                    ];
                }
                foreach ($problem->activities[$id]->demands as $demand) {
                    for ($hour = intdiv($one['start'], self::HOUR); $hour < intdiv(
                        $demand->throughHold ? $one['finish'] : $one['end'], self::HOUR,
                    ); $hour++) {
                        $rooms["{$demand->resource}_{$hour}"] = [
                            [...$rooms["{$demand->resource}_{$hour}"][0] ?? [], $name],
                            $problem->capacities[$demand->resource],
                        ];
                    }
                }
            }
        }

        return $rooms;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Building\Schedules;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Search\Moves;
use Regimen\Schedule\Tables\Tables;

/** What the search tries: each kind of change comes up, and changes what it says and nothing else. */
final class MovesTest extends TestCase
{
    use Shops;

    public function test_every_kind_of_change_comes_up(): void
    {
        $tables = new Tables($this->shop());
        $schedules = new Schedules($tables);
        $schedule = $schedules->best(Candidate::of($tables, Priority::keys($tables->problem)));
        $moves = new Moves($tables, $schedules->order, new Randomizer(new Mt19937(3)));
        $seen = [];
        $position = array_flip($schedule->list);
        for ($draw = 0; $draw < 1_500; $draw++) {
            $next = $moves->next($schedule, [1]);
            $by = [];
            foreach ($next->keys as $index => $key) {
                $moved = $key - Moves::APART * ($position[$index] + 1);
                if ($moved !== 0) {
                    $by[$index] = $moved;
                }
            }
            $kind = $this->kind($tables, $by, $next->people !== []);
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;
        }
        ksort($seen);
        self::assertSame(
            ['a build moved', 'another person', 'one elsewhere', 'settings together', 'the rest of a build', 'two builds swapped'],
            array_values(array_diff(array_keys($seen), ['nothing', 'several'])),
        );
    }

    public function test_away_from_where_nothing_helps_more_is_changed_each_time_and_in_the_end_an_order_is_drawn(): void
    {
        $tables = new Tables($this->shop());
        $schedules = new Schedules($tables);
        $schedule = $schedules->best(Candidate::of($tables, Priority::keys($tables->problem)));
        $moves = new Moves($tables, $schedules->order, new Randomizer(new Mt19937(3)));
        $drawn = $moves->away($schedule, [], 3);
        self::assertSame([], $drawn->people);
        $order = $schedules->order->of($drawn->keys);
        self::assertNotSame($schedule->list, $order);
        $sorted = $order;
        sort($sorted);
        self::assertSame(range(0, $tables->count - 1), $sorted, 'everything is in it once');
        self::assertNotEquals($schedule->candidate->keys, $moves->away($schedule, [], 0)->keys);
    }

    /** @param  array<int, int>  $by  by how much keys moved, by activity */
    private function kind(Tables $tables, array $by, bool $people): string
    {
        $builds = array_values(array_unique(array_map(static fn (int $index): int => $tables->build[$index], array_keys($by))));
        $whole = array_filter($builds, static fn (int $build): bool => array_filter(
            array_keys($tables->build, $build, true), static fn (int $index): bool => ! isset($by[$index]),
        ) === []);
        $settings = array_unique(array_map(static fn (int $index): int => $tables->setting[$index], array_keys($by)));
        $same = count(array_unique($by)) === 1;

        return match (true) {
            $people => 'another person',
            $by === [] => 'nothing',
            count($by) === 1 => 'one elsewhere',
            count($builds) === 1 && $whole !== [] && $same => 'a build moved',
            count($builds) === 2 && count($whole) === 2 && array_sum(array_unique($by)) === 0 => 'two builds swapped',
            count($builds) === 1 && $same => 'the rest of a build',
            count($settings) === 1 && min($settings) >= 0 => 'settings together',
            default => 'several',
        };
    }

    /** Three builds of four steps; two of the steps can share a set-up. */
    private function shop(): Problem
    {
        $activities = [];
        foreach (['a', 'b', 'c'] as $build) {
            foreach (range(1, 4) as $step) {
                $activities[] = new Activity(
                    "{$build}{$step}", $build, 60 * $step, $step === 2 ? 600 : 0, 'any',
                    $step > 1 ? [new Predecessor("{$build}".($step - 1))] : [],
                    $step === 3 ? [new Demand('router')] : [new Demand('bench')],
                    setUp: $step === 3 ? new SetUp('fence', 20, 'router') : null,
                );
            }
        }

        return new Problem(
            $this->at('2026-03-02 08:00'), $activities, [$this->worker(1), $this->worker(2)], ['router' => 1, 'bench' => 1],
        );
    }
}

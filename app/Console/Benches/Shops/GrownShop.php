<?php

declare(strict_types=1);

namespace App\Console\Benches\Shops;

use App\Planning\Plan\PlanTurn;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The shop that is in use, larger or older: what it has is there again and again. It is written as rows, so that a crowd or twenty years
 * take seconds.
 */
final class GrownShop
{
    /** What belongs to a build, after what it refers to. */
    private const OF_A_BUILD = [
        'specification_revisions', 'accepted_findings', 'operations', 'operation_links', 'kit_lines', 'measurements', 'route_changes', 'log_entries',
        'planned_finishes',
    ];

    private const PLANS_A_DAY = 8;

    private const READINGS_A_DAY = 4;

    private const BOARDS = 5_000;

    private const LOTS = 5_000;

    private const MOVEMENTS = 20_000;

    /** With as many open builds and people, and planned anew. */
    public static function crowd(int $builds, int $people): void
    {
        DB::transaction(static function (Connection $shop) use ($builds, $people): void {
            $open = $shop->table('builds')->where('status', 'open')->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->values()->all();
            for ($more = $builds - count($open), $round = 0; $more > 0; $more -= count($open), $round++) {
                self::again($shop, array_slice($open, 0, $more), 0, 400 * ($round + 1));
            }
            $there = $shop->table('people')->where('active', true)->get()->all();
            for ($one = count($there); $one < $people; $one++) {
                $shop->table('people')->insert([
                    ...array_diff_key((array) $there[$one % count($there)], ['id' => true]),
                    'name' => "{$there[$one % count($there)]->name} {$one}", 'email' => null, 'password' => null,
                ]);
            }
            $shop->table('resources')->where('capacity', '>', 0)->update(['capacity' => DB::raw('capacity * '.intdiv($people, max(1, count($there))))]);
        });
        app()->forgetScopedInstances();
        $turn = app(PlanTurn::class);
        $turn->ask('a crowd');
        $turn->take();
    }

    /** With as many finished builds over as many years, and what else the years leave. */
    public static function age(int $builds, int $years): void
    {
        DB::transaction(static function (Connection $shop) use ($builds, $years): void {
            $finished = $shop->table('builds')->where('status', 'finished')->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->values()->all();
            $rounds = (int) ceil(($builds - count($finished)) / count($finished));
            for ($round = 1; $round <= $rounds; $round++) {
                self::again($shop, array_slice($finished, 0, $builds - $round * count($finished)), $earlier = (int) round($round * $years * 365 / $rounds), $earlier);
            }
            self::plans($shop, $years);
            self::days($shop, $years);
            self::boards($shop);
            self::stock($shop);
        });
    }

    /**
     * @param  list<int>  $builds  that are there once more, so many days earlier
     * @param  int  $hoursBefore  days by which their hours are earlier: nobody works more than a day has
     */
    private static function again(Connection $shop, array $builds, int $days, int $hoursBefore): void
    {
        $steps = ['builds' => self::step($shop, 'builds')];
        self::copy($shop, 'builds', 'id', $builds, $steps, $days);
        foreach (self::OF_A_BUILD as $table) {
            $steps[$table] = self::step($shop, $table);
            self::copy($shop, $table, 'build_id', $builds, $steps, $days);
        }
        $operations = $shop->table('operations')->whereIn('build_id', $builds)->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
        $steps['time_entries'] = self::step($shop, 'time_entries');
        self::copy($shop, 'time_entries', 'operation_id', array_values($operations), $steps, $hoursBefore);
    }

    /** As many boards as a shop of hoarders has, each read as those that it has. */
    private static function boards(Connection $shop): void
    {
        $there = $shop->table('boards')->whereNull('gone_at')->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
        for ($count = count($there), $round = 1; $there !== [] && $count < self::BOARDS; $count += count($there), $round++) {
            $steps = ['boards' => self::step($shop, 'boards') - min($there) + 1, 'board_readings' => self::step($shop, 'board_readings')];
            self::copy($shop, 'boards', 'id', array_values($there), $steps, $round % 300);
            self::copy($shop, 'board_readings', 'board_id', array_values($there), $steps, $round % 300);
        }
    }

    /** Lots that came over the years and were used up, each with what became of it; a third has something left. */
    private static function stock(Connection $shop): void
    {
        $parts = $shop->table('parts')->orderBy('id')->pluck('id')->all();
        $today = (string) $shop->table('stock_lots')->max('arrived_on');
        $takings = intdiv(self::MOVEMENTS, self::LOTS) - 1;
        for ($one = $shop->table('stock_lots')->count(); $parts !== [] && $one < self::LOTS; $one++) {
            $part = $parts[$one % count($parts)];
            $days = 3 * $one % 2_000;
            $day = static fn (int $before): string => (new \DateTimeImmutable($today))->modify("-{$before} days")->format('Y-m-d');
            $left = $one % 3 === 0 ? 1_000 : 0;
            $lot = $shop->table('stock_lots')->insertGetId([
                'part_id' => $part, 'quantity' => $takings * 1_000 + $left, 'left' => $left, 'cost_minor' => $takings * 450 + $left, 'left_minor' => $left, 'arrived_on' => $day($days + 90),
            ]);
            $moves = [['arrived', $takings * 1_000 + $left, $takings * 450 + $left, $days + 90]];
            for ($taking = 0; $taking < $takings; $taking++) {
                $moves[] = ['taken', -1_000, -450, $days + 20 * $taking];
            }
            $shop->table('stock_movements')->insert(array_map(static fn (array $move): array => [
                'part_id' => $part, 'stock_lot_id' => $lot, 'kind' => $move[0], 'quantity' => $move[1], 'cost_minor' => $move[2], 'on' => $day($move[3]), 'person_id' => 1, 'at' => $day($move[3]).' 09:00:00',
            ], $moves));
        }
    }

    /** From the number of a row to that of its copy. */
    private static function step(Connection $shop, string $table): int
    {
        return (int) $shop->table($table)->max('id');
    }

    /**
     * @param  list<int>  $of
     * @param  array<string, int>  $steps
     */
    private static function copy(Connection $shop, string $table, string $by, array $of, array $steps, int $days): void
    {
        $columns = $values = [];
        foreach (Schema::getColumns($table) as $column) {
            $name = $column['name'];
            $quoted = "\"{$name}\"";
            $step = match (true) {
                $name === 'id' => $steps[$table],
                $table === 'builds' && $name === 'number', $name === 'build_id' => $steps['builds'],
                in_array($name, ['operation_id', 'before_id', 'after_id'], true) => $steps['operations'],
                $name === 'kit_line_id' => $steps['kit_lines'],
                $name === 'board_id' => $steps['boards'],
                default => 0,
            };
            $columns[] = $quoted;
            $values[] = match (true) {
                $step > 0 => "{$quoted} + {$step}",
                $column['type_name'] === 'datetime' => "datetime({$quoted}, '-{$days} days')",
                $column['type_name'] === 'date' => "date({$quoted}, '-{$days} days')",
                default => $quoted,
            };
        }
        $running = $table === 'time_entries' ? 'AND minutes IS NOT NULL' : '';
        foreach (array_chunk($of, 500) as $some) {
            $shop->statement(
                "INSERT INTO \"{$table}\" (".implode(', ', $columns).') SELECT '.implode(', ', $values)
                    ." FROM \"{$table}\" WHERE \"{$by}\" IN (".implode(', ', array_map(intval(...), $some)).") {$running}",
            );
        }
    }

    /** As they were made day after day, each with what it asked for and the finishes that it expected. */
    private static function plans(Connection $shop, int $years): void
    {
        $first = self::step($shop, 'plans');
        $count = self::PLANS_A_DAY * 250 * $years;
        $shop->statement(
            "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < {$count})
            INSERT INTO plans (made_at, cause, cost, asked) SELECT datetime('2026-03-17 16:00:00', '-' || (({$count} - i) * 365.0 / 250 / ".self::PLANS_A_DAY.") || ' days'), 'an operation is done', 1000, '' FROM n",
        );
        $shop->statement("INSERT INTO plan_requests (at, cause, moves, plan_id) SELECT made_at, cause, 1, id FROM plans WHERE id > {$first}");
        // Every tenth plan moves a finish; the builds that are open take turns.
        $shop->statement(
            "INSERT INTO planned_finishes (plan_id, build_id, finish)
            SELECT p.id, b.id, datetime(b.ordered_at, '+' || (90 + p.id / 10 % 7) || ' days') FROM builds b JOIN plans p
            ON p.id > {$first} AND p.made_at BETWEEN b.ordered_at AND coalesce(b.finished_at, '2026-03-18') AND (p.id + b.id) % 4 = 0",
        );
        $shop->statement(
            "INSERT INTO plan_offers (at, state, gains, moves, schedules) SELECT made_at, 'overtaken', '[]', '[]', 400 FROM plans WHERE id > {$first} AND id % 16 = 0",
        );
    }

    private static function days(Connection $shop, int $years): void
    {
        $days = static fn (int $count): string => "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < {$count})";
        $shop->statement($days(25 * $years)." INSERT INTO days_off (person_id, date, note) SELECT p.id, date('2026-03-01', '-' || (i * 14) || ' days'), 'leave' FROM n, people p WHERE true ON CONFLICT DO NOTHING");
        $shop->statement($days(12 * $years)." INSERT INTO closed_days (date, note) SELECT date('2026-03-01', '-' || (i * 30) || ' days'), 'holiday' FROM n WHERE true ON CONFLICT DO NOTHING");
        $shop->statement($days(365 * self::READINGS_A_DAY * $years)." INSERT INTO climate_readings (at, temperature_tenths, humidity_tenths, source) SELECT datetime('2026-01-01', '-' || (i * ".(24 / self::READINGS_A_DAY).") || ' hours'), 180 + i % 50, 420 + i % 130, 'sensor' FROM n WHERE true ON CONFLICT DO NOTHING");
        $shop->statement($days(900 * $years)." INSERT INTO audit_entries (at, person_id, kind, words, place) SELECT datetime('2026-03-01', '-' || (i * 9) || ' hours'), 1, 'sign-in', 'signed in', '127.0.0.1' FROM n");
        $shop->statement($days(400 * $years)." INSERT INTO sign_ins (person_id, device, place, began_at, ended_at) SELECT 1, 'a browser', '127.0.0.1', datetime('2026-03-01', '-' || (i * 20) || ' hours'), datetime('2026-03-01', '-' || (i * 20 - 8) || ' hours') FROM n");
        $shop->statement($days(300 * $years)." INSERT INTO plan_changes (body, back, words, person_id, at) SELECT '{}', NULL, 'a change', 1, datetime('2026-03-01', '-' || (i * 27) || ' hours') FROM n");
    }
}

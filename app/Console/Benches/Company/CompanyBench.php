<?php

declare(strict_types=1);

namespace App\Console\Benches\Company;

use App\Console\Benches\Shops\GrownShop;
use App\Console\Benches\Shops\Served;
use App\Console\Benches\Shops\Shops;
use App\Console\Benches\Shops\Visitor;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Plan\Plan;
use Carbon\CarbonImmutable;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;

/**
 * Many at once, through the application as it is served: what a write takes while two managers judge without pause, and while
 * twenty write for a minute. As ratios to the same write alone, so that machines can be compared.
 */
final class CompanyBench
{
    private const WRITERS = 20;

    private const ALONE_SECONDS = 8;

    private const JUDGED_SECONDS = 20;

    private const WRITING_SECONDS = 60;

    /** @param  callable(string): void  $say */
    public function run(callable $say): int
    {
        return Shops::during(function (Shops $shops) use ($say): int {
            $demo = $shops->demo();
            $crowd = $shops->copyOf($demo, 'crowd');
            $good = $this->measured($demo, $say);
            Shops::use($crowd);
            GrownShop::crowd(120, 12);

            return $this->measured($crowd, $say) && $good ? 0 : 1;
        });
    }

    /** @param  callable(string): void  $say */
    private function measured(string $file, callable $say): bool
    {
        Shops::use($file);
        $operation = Operation::query()->where('state', OperationState::Started->value)->firstOrFail();
        $open = Build::query()->open()->count();
        $before = (int) TimeEntry::query()->sum('minutes');
        // What was the latest plan when each was asked for, as the database saw it.
        DB::unprepared(
            'CREATE TABLE asked_after (request_id integer primary key, plan_id integer);
            CREATE TRIGGER asked_after AFTER INSERT ON plan_requests
                BEGIN INSERT INTO asked_after SELECT new.id, coalesce(max(id), 0) FROM plans; END',
        );
        DB::purge('sqlite');
        $served = new Served($file, Shops::NOW);
        try {
            $all = new CurlMultiHandler;
            $people = array_map(static fn (): Visitor => new Visitor($served->address, $all), range(1, self::WRITERS + 2));
            array_walk($people, static fn (Visitor $one) => $one->signIn('ines@example.org'));
            $judges = array_splice($people, self::WRITERS);
            $hours = ["/operations/{$operation->id}/hours", ['hours' => '1 min', 'worked_on' => '2026-03-18', 'sure' => true]];
            $judging = ['/plan/judge', ['changes' => [['kind' => 'push', 'build' => Build::query()->open()->value('number'), 'days' => 2]]]];
            DB::purge('sqlite');

            $alone = $this->waits([$people[0]], $hours, [], $judging, self::ALONE_SECONDS);
            $judged = $this->waits([$people[0]], $hours, $judges, $judging, self::JUDGED_SECONDS);
            $plans = Plan::query()->count();
            DB::purge('sqlite');
            $wrote = $this->waits($people, $hours, [], $judging, self::WRITING_SECONDS);
            $plans = Plan::query()->count() - $plans;
            $memory = $served->memory();
        } finally {
            $served->stop();
        }
        $statuses = [];
        foreach ([...$people, ...$judges] as $one) {
            foreach ($one->statuses as $status => $count) {
                $statuses[$status] = ($statuses[$status] ?? 0) + $count;
            }
        }
        $done = array_sum(array_map(static fn (Visitor $one): int => $one->statuses[302] ?? 0, $people));
        $lost = $done - ((int) TimeEntry::query()->sum('minutes') - $before);
        $median = self::quantile($alone, 0.5);
        $waited = (int) DB::scalar(
            'SELECT max((SELECT count(*) FROM plans p WHERE p.id > a.plan_id AND p.id <= r.plan_id))
            FROM plan_requests r JOIN asked_after a ON a.request_id = r.id',
        );
        $say(sprintf(
            "%d open builds: a write while two judge takes %.1f × its time alone (median; at most %.1f ×);\n  while %d write for %d s the longest waits %.1f × as long as alone (half of them %.1f ×, 99 %% at most %.1f ×), %d were written and %d plans made; %d lost; answers %s; whoever waits longest waits for %d plans; %d MB of memory",
            $open, self::quantile($judged, 0.5) / $median, self::quantile($judged, 1.0) / $median, self::WRITERS, self::WRITING_SECONDS, self::quantile($wrote, 1.0) / $median, self::quantile($wrote, 0.5) / $median, self::quantile($wrote, 0.99) / $median,
            count($wrote), $plans, $lost, json_encode($statuses), $waited, $memory / 1e6,
        ));

        return $lost === 0 && $waited <= 2 && array_diff(array_keys($statuses), [200, 302]) === [];
    }

    /**
     * @param  list<Visitor>  $writers
     * @param  array{string, array<string, mixed>}  $write
     * @param  list<Visitor>  $judges
     * @param  array{string, array<string, mixed>}  $judge
     * @return list<float> seconds that each write took
     */
    private function waits(array $writers, array $write, array $judges, array $judge, int $seconds): array
    {
        foreach ($writers as $one) {
            $one->waits = [];
        }
        $until = microtime(true) + $seconds;
        // Nobody works more than a day has: each writes on a day of their own.
        $days = array_map(static fn (int $day): string => CarbonImmutable::parse(Shops::NOW)->subDays($day + 1)->toDateString(), array_keys($writers));
        Utils::all([
            ...array_map(static fn (Visitor $one, string $day) => $one->keepsOn($write[0], [...$write[1], 'worked_on' => $day], $until), $writers, $days),
            ...array_map(static fn (Visitor $one) => $one->keepsOn($judge[0], $judge[1], $until), $judges),
        ])->wait();

        return array_merge(...array_map(static fn (Visitor $one): array => $one->waits, $writers));
    }

    /** @param  list<float>  $values */
    private static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) floor($share * (count($values) - 1))];
    }
}

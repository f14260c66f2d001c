<?php

declare(strict_types=1);

namespace App\Console\Benches\Company;

use App\Actions\Commission\TakeCommission;
use App\Actions\Recording;
use App\Actions\Specification\ReleaseSpecification;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\Plan;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoBuilds;
use Database\Seeders\DemoShop;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;
use Symfony\Component\Process\Process;

/**
 * Many at once, through the application as it is served: what a write takes while two managers judge without pause, and while
 * twenty write for a minute. As ratios to the same write alone, so that machines can be compared.
 */
final class CompanyBench
{
    private const NOW = '2026-03-18T09:12:00+01:00';

    private const WRITERS = 20;

    private const AT_A_TIME = 6;

    private const ALONE_SECONDS = 8;

    private const JUDGED_SECONDS = 20;

    private const WRITING_SECONDS = 60;

    /** @param  callable(string): void  $say */
    public function run(callable $say): int
    {
        $folder = sys_get_temp_dir().'/regimen-company-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        try {
            $file = "{$folder}/shop.sqlite";
            $this->fill($file);
            $good = $this->measured($file, $say);
            foreach ([120] as $builds) {
                $this->crowd($file, $builds);
                $good = $this->measured($file, $say) && $good;
            }

            return $good ? 0 : 1;
        } finally {
            (new Process(['rm', '-rf', $folder]))->run();
        }
    }

    /** The demo shop in a file of its own. */
    private function fill(string $file): void
    {
        touch($file);
        DB::purge('sqlite');
        config(['database.connections.sqlite.database' => $file]);
        app()->instance(Clock::class, Clock::from(self::NOW));
        app()->forgetScopedInstances();
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
    }

    /** As many builds as are wanted, planned in between as they come in. */
    private function crowd(string $file, int $builds): void
    {
        DB::purge('sqlite');
        app()->instance(Clock::class, Clock::from(self::NOW));
        app()->forgetScopedInstances();
        $commission = DemoBuilds::all(Clock::from(self::NOW)->now())[0]['commission'];
        $manager = Person::query()->where('email', 'ines@example.org')->firstOrFail();
        for ($open = Build::query()->open()->count(); $open < $builds; $open = Build::query()->open()->count()) {
            app(Recording::class)->keep(static function () use ($builds, $open, $commission, $manager): void {
                for ($more = min(self::AT_A_TIME, $builds - $open); $more > 0; $more--) {
                    $build = app(TakeCommission::class)($manager, $commission);
                    $build->update(['promised_on' => '2028-06-30']);
                    app(ReleaseSpecification::class)($manager, $build, 1);
                }
            });
        }
    }

    /** @param  callable(string): void  $say */
    private function measured(string $file, callable $say): bool
    {
        DB::purge('sqlite');
        app()->forgetScopedInstances();
        $operation = Operation::query()->where('state', OperationState::Started->value)->firstOrFail();
        $open = Build::query()->open()->count();
        $before = (int) TimeEntry::query()->sum('minutes');
        DB::purge('sqlite');
        $port = (int) explode(':', (string) stream_socket_get_name(stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.'), false))[1];
        $server = new Process(
            [PHP_BINARY, base_path('artisan'), 'regimen:web', (string) $port, '--folder='.dirname($file).'/web'],
            base_path(),
            ['DB_DATABASE' => $file, 'REGIMEN_NOW' => self::NOW, 'APP_ENV' => 'production', 'APP_DEBUG' => 'false', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'database'],
            null, null,
        );
        $server->disableOutput()->start();
        try {
            while (@fsockopen('127.0.0.1', $port) === false) {
                usleep(50_000);
            }
            $all = new CurlMultiHandler;
            $people = array_map(static fn (): Visitor => new Visitor("http://127.0.0.1:{$port}", $all), range(1, self::WRITERS + 2));
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
        } finally {
            $server->stop(10);
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
        $say(sprintf(
            "%d open builds: a write while two judge takes %.1f × its time alone (median; at most %.1f ×);\n  while %d write for %d s the longest waits %.1f × as long as alone (half of them %.1f ×, 99 %% at most %.1f ×), %d were written and %d plans made; %d lost; answers %s",
            $open, self::quantile($judged, 0.5) / $median, self::quantile($judged, 1.0) / $median, self::WRITERS, self::WRITING_SECONDS, self::quantile($wrote, 1.0) / $median, self::quantile($wrote, 0.5) / $median, self::quantile($wrote, 0.99) / $median,
            count($wrote), $plans, $lost, json_encode($statuses),
        ));

        return $lost === 0 && array_filter(array_keys($statuses), static fn (int $status): bool => $status >= 500) === [];
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
        $days = array_map(static fn (int $day): string => CarbonImmutable::parse(self::NOW)->subDays($day + 1)->toDateString(), array_keys($writers));
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

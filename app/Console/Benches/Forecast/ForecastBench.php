<?php

declare(strict_types=1);

namespace App\Console\Benches\Forecast;

use App\Console\Benches\Calm\HardShops;
use App\Console\Benches\Shops\Shops;
use App\Planning\Forecast\Forecasting;
use App\Planning\Forecast\ShopDoubts;
use App\Planning\Problem\ShopProblem;
use Regimen\Forecast\Learned\Ratios;
use Regimen\Forecast\Simulation\Doubt;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Problem\Problem;

/** What the runs of a forecast cost, beside first plans of the same shop in the same process. */
final class ForecastBench
{
    /** What they are to cost at most, in first plans. */
    private const WANTED = 75;

    private const TIMES = 12;

    /** @param  callable(string): void  $say */
    public function run(callable $say): int
    {
        Shops::during(function (Shops $shops) use ($say): void {
            $shops->demo();
            $problem = app(ShopProblem::class)->assemble();
            $this->measure('the demo shop', $problem, app(ShopDoubts::class)->of($problem), $say);
        });
        $problem = HardShops::drawn(12, 7);
        $ratio = Ratios::usual()->spread()->quantiles();
        $doubts = [];
        foreach ($problem->activities as $id => $activity) {
            $doubts[$id] = new Doubt($ratio, whole: $activity->work);
        }
        $this->measure('12 builds, 600 operations', $problem, new Doubts($doubts), $say);

        return 0;
    }

    /** @param  callable(string): void  $say */
    private function measure(string $shop, Problem $problem, Doubts $doubts, callable $say): void
    {
        $keys = Priority::keys($problem);
        $runs = new Runs($problem, $doubts, $keys);
        // Side by side, the best of each: a machine that is busy for a moment does not count.
        $plan = $one = INF;
        for ($time = 0; $time < self::TIMES; $time++) {
            $plan = min($plan, self::cpu(static fn () => Builder::byKeys($problem, $keys), 4));
            $one = min($one, self::cpu(static fn () => $runs->outcome(25), 1) / 25);
        }
        $say(sprintf(
            '%s, %d operations: %d runs cost as much CPU as %.0f first plans (wanted: %d at most)', $shop, count($problem->activities), Forecasting::RUNS, Forecasting::RUNS * $one / $plan, self::WANTED,
        ));
    }

    /**
     * @param  callable(): mixed  $work
     * @return float microseconds of the processor each time
     */
    private static function cpu(callable $work, int $times): float
    {
        $before = getrusage() ?: [];
        for ($time = 0; $time < $times; $time++) {
            $work();
        }
        $after = getrusage() ?: [];
        $spent = static fn (array $of): float => 1e6 * (($of['ru_utime.tv_sec'] ?? 0) + ($of['ru_stime.tv_sec'] ?? 0)) + ($of['ru_utime.tv_usec'] ?? 0) + ($of['ru_stime.tv_usec'] ?? 0);

        return ($spent($after) - $spent($before)) / $times;
    }
}

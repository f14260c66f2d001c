<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Forecast\GivenForecast;
use App\Planning\House\House;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Problem\BuildId;

/**
 * Replays the past: what would have been forecast of each build on the day it was ordered, from what was known then. Kept beside the build,
 * for what is said about how good forecasts are. The oldest first, so that each knows how good those before it were; a past that was replayed is not replayed again.
 */
final readonly class Backtest
{
    private const RUNS = 60;

    /** So many builds of the latest are looked at. */
    private const LATEST = 80;

    /** What was ordered and finished within fewer days was typed in afterwards. */
    private const DAYS = 5;

    public function __construct(private PastShop $past, private PastForecasts $forecasts, private House $house)
    {
    }

    /** @return list<int> builds that are over and were never forecast as they were known when they were ordered */
    public function open(): array
    {
        $known = GivenForecast::query()->where('source', GivenForecast::BACKTEST)->select('build_id');

        return array_values(Build::query()->where('status', BuildStatus::Finished->value)->whereNotNull('finished_at')->whereNotIn('id', $known)
            ->whereRaw('julianday(finished_at) - julianday(ordered_at) >= '.self::DAYS)
            ->orderByDesc('finished_at')->limit(self::LATEST)->get(['id', 'ordered_at'])->sortBy('ordered_at')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all());
    }

    /** @param  (Closure(): void)|null  $progress */
    public function run(?Closure $progress = null): int
    {
        $done = 0;
        foreach ($this->open() as $id) {
            $build = Build::query()->findOrFail($id);
            $this->keep($build);
            $done++;
            if ($progress !== null) {
                $progress();
            }
        }

        return $done;
    }

    private function keep(Build $build): void
    {
        $at = CarbonImmutable::instance($build->ordered_at);
        [$problem, $doubts] = $this->past->at($at);
        $key = BuildId::of($build->id)->number;
        $order = Priority::keys($problem);
        $plain = Builder::byKeys($problem, $order)->finishOf($key, $problem);
        $this->forecasts->forget();
        $by = $this->forecasts->recalibration($at);
        $outcome = (new Runs($problem, $doubts, $order, [], SimulatedShop::SEED))->outcome(self::RUNS, false)->recalibrated($by, $this->house->calendar(Minutes::of($at)));
        $one = in_array($key, $outcome->builds(), true) ? $outcome->of($key) : new BuildOutcome([]);
        $due = $build->promised_on === null ? null : Minutes::endOfDay($build->promised_on, $this->house->zone());
        DB::transaction(static fn () => GivenForecast::query()->create([
            ...Forecasting::kept($build, $one, $one->isKnown() ? $due : null, $at, GivenForecast::BACKTEST, $by),
            'plan_finish' => $plain === null ? null : Minutes::toInstant($plain)->toDateTimeString(),
        ]));
    }
}

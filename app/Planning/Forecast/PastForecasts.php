<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Forecast\GivenForecast;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\Honesty\Calibration;
use Regimen\Forecast\Honesty\Given;
use Regimen\Forecast\Honesty\Recalibration;

/** What was forecast of builds that are over: when they were promised, or as they were known when they were ordered. */
final class PastForecasts
{
    private const LATEST = 400;

    /** @var Collection<int, GivenForecast>|null */
    private ?Collection $rows = null;

    public function __construct(private readonly House $house)
    {
    }

    /** @return Collection<int, GivenForecast> with their builds, one for each build: what was said when it was promised before what was replayed */
    public function rows(): Collection
    {
        return $this->rows ??= GivenForecast::query()->with('build')->whereNotNull('by50')
            ->whereHas('build', static fn ($builds) => $builds->where('status', BuildStatus::Finished->value)->whereNotNull('finished_at'))
            ->orderByRaw("source = 'promise' desc")->orderByDesc('id')->limit(self::LATEST)->get()->unique('build_id')->values();
    }

    public function calibration(): Calibration
    {
        return new Calibration(array_values($this->rows()->map($this->given(...))->all()));
    }

    /** What is known by an instant about how runs and what came of them differ. */
    public function recalibration(CarbonImmutable $asOf): Recalibration
    {
        $past = [];
        foreach ($this->rows() as $one) {
            if ($one->by10 === null || $one->by50 === null || $one->by90 === null || $one->build->finished_at === null || $one->build->finished_at > $asOf) {
                continue;
            }
            $days = static fn (CarbonImmutable $instant): float => (float) ($instant->getTimestamp() - $one->given_at->getTimestamp()) / 60;
            // As the runs alone had it.
            $past[] = [
                'median' => $days($one->by50) / exp((float) $one->shift), 'spread' => Recalibration::spread($days($one->by10), $days($one->by90)) / max(0.1, (float) $one->scale), 'took' => $days($one->build->finished_at),
            ];
        }

        return Recalibration::learn($past);
    }

    /** @return array{int, int} minutes that were estimated of builds that are over, and worked on them */
    public function hours(): array
    {
        $builds = $this->rows()->pluck('build_id')->all();
        $worked = (int) TimeEntry::query()->whereNull('struck_at')->whereNull('setback_id')->whereHas('operation', static fn ($operations) => $operations->whereIn('build_id', $builds)->whereNull('setback_id'))->sum('minutes');

        return [(int) $this->rows()->sum('planned_minutes'), $worked];
    }

    /** What was kept since is read again. */
    public function forget(): void
    {
        $this->rows = null;
    }

    /** @return array<string, Calibration> by model, those with the most builds first */
    public function byModel(): array
    {
        $models = [];
        foreach ($this->rows()->groupBy(static fn (GivenForecast $one): string => (string) $one->build->model) as $model => $ones) {
            if ((string) $model !== '') {
                $models[(string) $model] = new Calibration(array_values($ones->map($this->given(...))->all()));
            }
        }
        uasort($models, static fn (Calibration $a, Calibration $b): int => $b->n <=> $a->n);

        return $models;
    }

    public function given(GivenForecast $one): Given
    {
        $by = [];
        foreach (['by10' => 10, 'by25' => 25, 'by50' => 50, 'by75' => 75, 'by80' => 80, 'by90' => 90, 'by95' => 95] as $column => $share) {
            if ($one->{$column} !== null) {
                $by[$share] = Minutes::of($one->{$column});
            }
        }
        $finish = Minutes::of($one->build->finished_at ?? $one->given_at);

        return new Given(
            $by, $finish, $one->chance === null ? null : $one->chance / 1_000, $one->promised_on === null ? null : $finish <= Minutes::endOfDay($one->promised_on, $this->house->zone()),
            $one->plan_finish === null ? null : Minutes::of($one->plan_finish),
        );
    }
}

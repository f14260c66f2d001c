<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\AwayWork;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Quantiles;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Learned\Ratio;
use Regimen\Forecast\Learned\Ratios;
use Regimen\Forecast\Simulation\Away;
use Regimen\Forecast\Simulation\Doubt;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Route\Operation as RouteOperation;
use Regimen\Route\Route;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Calendar;

/** What is not known about the shop as it stands, learned from its own records as far as there are any. */
final class ShopDoubts
{
    private ?Ratios $ratios = null;

    private ?Quantiles $holds = null;

    /** @var array<string, array{float, int}>|null */
    private ?array $setbacks = null;

    /** @var array<string, Quantiles> */
    private array $laidOut = [];

    public function __construct(
        private readonly PastJobs $jobs,
        private readonly PastForecasts $past,
        private readonly House $house,
        private readonly ShopArrivals $arrivals,
        private readonly AwayWork $away,
        private readonly Clock $clock,
    ) {
    }

    /** What past forecasts say about the next. */
    public function recalibration(): Recalibration
    {
        return $this->past->recalibration($this->clock->now());
    }

    /** When the shop is open from an instant on; null where it never is. */
    public function shopHours(int $now): ?Calendar
    {
        return $this->house->hours()->minutesInAWeek() === 0 ? null : $this->house->calendar($now);
    }

    public function ratios(): Ratios
    {
        return $this->ratios ??= new Ratios($this->jobs->all($this->clock->now()));
    }

    /** @param  Problem  $problem  of the open builds, with a draft or without */
    public function of(Problem $problem, ?Route $draft = null): Doubts
    {
        return $this->ofBuilds($problem, Build::query()->open()->with([
            'kit', 'operations' => static fn ($operations) => $operations->where('state', '!=', 'done')->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks'),
        ])->get(), $draft);
    }

    /** @param  Collection<int, Build>  $builds  of the problem, with operations (and worked_minutes, runningClocks), kit */
    public function ofBuilds(Problem $problem, Collection $builds, ?Route $draft = null): Doubts
    {
        $arrivals = $doubts = [];
        foreach ($builds as $build) {
            $arrivals += $this->arrivals->of($build);
        }
        foreach ($builds as $build) {
            foreach ($build->operations as $operation) {
                $activity = $problem->activities[ActivityId::operation($operation->id)->number] ?? null;
                if ($activity !== null) {
                    $doubts[$activity->id] = $this->doubt($operation, $activity, (string) $build->model);
                }
            }
        }
        foreach ($draft->operations ?? [] as $at => $operation) {
            $activity = $problem->activities[ActivityId::draft($at)->number] ?? null;
            if ($activity !== null) {
                $doubts[$activity->id] = $this->ofDraft($operation, $activity);
                $arrivals += ShopArrivals::toOrder($activity);
            }
        }

        return new Doubts($doubts, $arrivals, $this->people(), $this->ratios()->shop()->unsure);
    }

    private function doubt(Operation $operation, Activity $activity, string $model): Doubt
    {
        $planned = $operation->workMinutes();
        $ratio = $this->ratioOf($operation, $model);
        $begun = $activity->startedAt === null ? 0 : intdiv($operation->minutesWorkedBy($this->clock->now()) * $this->house->speed($operation->person_id, $operation->skill), 100);
        [$chance, $lost] = $this->setback($operation->key);

        return new Doubt(
            $this->laidOut($ratio), "{$operation->standard} {$operation->tool}", $ratio->unsure, $planned, $begun, $chance, $lost,
            $activity->hold > 0 ? $this->hold($operation) : null,
        );
    }

    /** What it takes for each minute that is planned. */
    public function ratioOf(Operation $operation, string $model): Ratio
    {
        return $this->ratios()->repeated(
            $this->ratio($operation->standard, $operation->tool, $operation->set_up_minutes, $operation->best_minutes, $operation->labour_minutes, $operation->worst_minutes),
            $operation->standard, $operation->tool, $model,
        );
    }

    private function ofDraft(RouteOperation $operation, Activity $activity): Doubt
    {
        $standard = $operation->standard;
        $ratio = $this->ratio($standard->key, $standard->tool->value, $operation->setUp->minutes, $operation->hours->best->minutes, $operation->hours->likely->minutes, $operation->hours->worst->minutes);
        [$chance, $lost] = $this->setback($operation->key);

        return new Doubt(
            $this->laidOut($ratio), "{$standard->key} {$standard->tool->value}", $ratio->unsure, $activity->work, setback: $chance, lost: $lost,
            hold: $activity->hold > 0 ? $this->holds() : null,
        );
    }

    /** For each minute that is planned, set-up included, which does not spread. */
    private function ratio(string $standard, string $tool, int $setUp, int $best, int $likely, int $worst): Ratio
    {
        $whole = $setUp + $likely;
        $points = $whole <= 0 || $best > $likely || $likely > $worst ? null : new BetaPert(
            round(($setUp + $best) / $whole, 2), 1.0, round(($setUp + $worst) / $whole, 2),
        );

        return $this->ratios()->of($standard, $tool, $points);
    }

    private function laidOut(Ratio $ratio): Quantiles
    {
        return $this->laidOut[sprintf('%.3f %.3f', $ratio->log, $ratio->deviation)] ??= (new Spread($ratio->log, $ratio->deviation))->quantiles();
    }

    /** What is to be sent out is away for as long as such work is there. */
    private function hold(Operation $operation): Quantiles
    {
        $work = $this->away->of($operation);
        if ($work === null) {
            return $this->holds();
        }
        $spread = $this->away->time($work)->spread();

        return (new Spread($spread->log - log(max(1, $work->lead_days)), $spread->deviation))->quantiles();
    }

    private function holds(): Quantiles
    {
        if ($this->holds === null) {
            $ratio = $this->happenings()->holds();
            $this->holds = (new Spread($ratio->log, $ratio->deviation))->quantiles();
        }

        return $this->holds;
    }

    /** @return array{float, int} */
    private function setback(string $key): array
    {
        $this->setbacks ??= $this->happenings()->setbacks();

        return $this->setbacks[$key] ?? $this->setbacks[''];
    }

    private function happenings(): Happenings
    {
        return new Happenings($this->clock->now());
    }

    /** @return array<int, Away> */
    private function people(): array
    {
        $happenings = $this->happenings();
        $absences = $happenings->absences();
        [$lost] = $happenings->interruptions();
        $people = [];
        foreach (Person::query()->where('active', true)->pluck('id') as $id) {
            [$spells, $days] = $absences[(int) $id] ?? Happenings::usualAbsence();
            $people[(int) $id] = new Away($spells, $days, $lost, $this->ratios()->person((int) $id)->median());
        }

        return $people;
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\Awaited;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Quantiles;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Learned\Ratio;
use Regimen\Forecast\Learned\Ratios;
use Regimen\Forecast\Normal;
use Regimen\Forecast\Simulation\Arrival;
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
    /** A client who is asked to decide by a day decides by then in half of all cases, in nine of ten within a week (house convention). */
    private const DECIDED_LATER = 7;

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
        private readonly LeadTimes $leads,
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
            $arrivals += $this->arrivals($build);
        }
        $causes = array_fill_keys(array_keys($arrivals), true);
        foreach ($builds as $build) {
            foreach ($build->operations as $operation) {
                $activity = $problem->activities[ActivityId::operation($operation->id)->number] ?? null;
                if ($activity !== null) {
                    $doubts[$activity->id] = $this->doubt($operation, $activity, (string) $build->model, $causes);
                }
            }
        }
        foreach ($draft->operations ?? [] as $at => $operation) {
            $activity = $problem->activities[ActivityId::draft($at)->number] ?? null;
            if ($activity !== null) {
                $doubts[$activity->id] = $this->ofDraft($operation, $activity);
            }
        }

        return new Doubts($doubts, $arrivals, $this->people(), $this->ratios()->shop()->unsure);
    }

    /** @param  array<string, true>  $causes  what is waited for and may come sooner or later */
    private function doubt(Operation $operation, Activity $activity, string $model, array $causes): Doubt
    {
        $planned = $operation->workMinutes();
        $ratio = $this->ratioOf($operation, $model);
        $begun = $activity->startedAt === null ? 0 : intdiv($operation->minutesWorkedBy($this->clock->now()) * $this->house->speed($operation->person_id, $operation->skill), 100);
        [$chance, $lost] = $this->setback($operation->key);
        $leads = [];
        foreach ($activity->predecessors as $one) {
            if ($one->lagCause !== null && isset($causes[$one->lagCause])) {
                $leads[$one->activity] = $one->lagCause;
            }
        }
        $waits = $activity->release !== null && isset($causes[$activity->release->cause]) ? $activity->release->cause : null;

        return new Doubt(
            $this->laidOut($ratio), "{$operation->standard} {$operation->tool}", $ratio->unsure, $planned, $begun, $chance, $lost,
            $activity->hold > 0 ? $this->holds() : null, $waits, $leads,
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

    /** @return array<string, Arrival> what a build waits for, by the words of the plan */
    private function arrivals(Build $build): array
    {
        $zone = $this->house->zone();
        $today = $this->clock->today($zone);
        $waits = new KitWaits($today, $zone, $this->leads);
        foreach ($build->kit as $line) {
            $line->surplus || $waits->add($line->group, $line->name, $line->state, $line->expected_on, $line->lead_days, $line->supplier, $line->ordered_on);
        }
        $arrivals = array_map(static fn (Awaited $one): Arrival => $one->arrival(), $waits->awaited());
        foreach ($build->operations as $operation) {
            if ($operation->waits_for !== '' && $operation->waits_until !== null) {
                $days = max(1, (int) (new \DateTimeImmutable($today))->diff(new \DateTimeImmutable($operation->waits_until))->format('%r%a'));
                $spread = new Spread(log($days), log(($days + self::DECIDED_LATER) / $days) / Normal::quantile(0.9));
                $arrivals["{$operation->waits_for}, by ".Say::day($operation->waits_until)] = new Arrival($spread->quantiles(), $days);
            }
        }

        return $arrivals;
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

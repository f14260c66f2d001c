<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/**
 * Serial schedule generation (CALCULATIONS P3): one activity after another, in the order of their priority, each as
 * early as its predecessors, its release, the people and the resources allow. Deterministic.
 */
final class Builder
{
    /** @var array<string, Agenda> */
    private array $agendas = [];

    /** @var array<string, Occupancy> */
    private array $resources = [];

    /** @var array<string, Assignment> */
    private array $assignments = [];

    /** @var array<string, Unplanned> */
    private array $unplanned = [];

    /** @var array<string, array<string, Agenda>> by skill */
    private array $skilled = [];

    private function __construct(private readonly Problem $problem)
    {
        foreach ($problem->workers as $worker) {
            $this->agendas["w{$worker->id}"] = new Agenda($worker);
        }
        foreach ($problem->capacities as $resource => $capacity) {
            $this->resources[$resource] = new Occupancy($capacity);
        }
    }

    /** @param  list<Activity>|null  $order  every predecessor before its successors; the usual priority if none is given */
    public static function plan(Problem $problem, ?array $order = null): Plan
    {
        $builder = new self($problem);
        foreach ($order ?? Priority::order($problem) as $activity) {
            $builder->place($activity);
        }

        return new Plan($builder->assignments, $builder->unplanned);
    }

    private function place(Activity $activity): void
    {
        $why = $this->impossible($activity);
        if ($why !== null) {
            $this->unplanned[$activity->id] = new Unplanned($activity->id, $why);

            return;
        }
        if ($activity->holdUntil !== null) {
            $this->assign($activity, new Assignment($activity->id, $this->problem->now, $this->problem->now, max($activity->holdUntil, $this->problem->now), $activity->worker, Reason::started()));

            return;
        }
        try {
            $activity->startedAt !== null ? $this->continue($activity) : $this->begin($activity);
        } catch (NoWorkingTime $never) {
            $this->unplanned[$activity->id] = new Unplanned($activity->id, $never->getMessage());
        }
    }

    private function impossible(Activity $activity): ?string
    {
        if ($activity->isUnderWay()) {
            return $activity->work > 0 && $this->able($activity) === [] ? $this->nobody($activity) : null;
        }
        foreach ($activity->predecessors as $predecessor) {
            if (isset($this->unplanned[$predecessor->activity])) {
                return 'It waits for an operation that cannot be planned.';
            }
        }
        foreach ($activity->demands as $demand) {
            $owned = isset($this->resources[$demand->resource]) ? $this->resources[$demand->resource]->capacity : 0;
            if ($demand->quantity > $owned) {
                return "It needs {$demand->quantity} of “{$demand->resource}”; the shop has {$owned}. Change the house standard, or how many there are.";
            }
        }

        return $activity->work > 0 && $this->able($activity) === [] ? $this->nobody($activity) : null;
    }

    private function nobody(Activity $activity): string
    {
        return "Nobody in the shop has the skill “{$activity->skill}”. Give it to someone under People.";
    }

    /** Work under way goes on with the person who began it, on whatever it occupies already. */
    private function continue(Activity $activity): void
    {
        [$agenda, $gap] = $this->earliest($activity, $this->problem->now);
        $start = $this->problem->now;
        $end = $start;
        if ($agenda !== null) {
            $start = $agenda->worker->calendar->startOf($gap[0]);
            $end = $agenda->worker->calendar->endOf($gap[0] + $activity->work);
            $agenda->book($gap[0], $activity->work, $activity->id);
        }
        $this->assign($activity, new Assignment($activity->id, $start, $end, $end + $activity->hold, $agenda?->worker->id, Reason::started()));
    }

    private function begin(Activity $activity): void
    {
        [$from, $reason] = $this->ready($activity);
        while (true) {
            [$agenda, $gap] = $this->earliest($activity, $from);
            $start = $agenda === null ? $from : $agenda->worker->calendar->startOf($gap[0]);
            $end = $agenda === null ? $from : $agenda->worker->calendar->endOf($gap[0] + $activity->work);
            $taken = $this->conflict($activity, $start, $end);
            if ($taken === null) {
                break;
            }
            [$from, $reason] = [$taken[0], Reason::resource($taken[1], $taken[2])];
        }
        if ($agenda !== null) {
            $agenda->book($gap[0], $activity->work, $activity->id);
            $reason = $this->bindingReason($reason, $gap[1], $start > $from);
        }
        $this->assign($activity, new Assignment($activity->id, $start, $end, $end + $activity->hold, $agenda?->worker->id, $reason));
    }

    private function bindingReason(Reason $reason, ?string $personWasBusyWith, bool $later): Reason
    {
        return match (true) {
            $personWasBusyWith !== null => Reason::person($personWasBusyWith),
            $later && $reason->kind === ReasonKind::Now => Reason::calendar(),
            default => $reason,
        };
    }

    /** @return array{int, Reason} */
    private function ready(Activity $activity): array
    {
        $from = $this->problem->now;
        $reason = Reason::now();
        foreach ($activity->predecessors as $predecessor) {
            $over = ($this->assignments[$predecessor->activity] ?? null)?->finish;
            if ($over !== null && $over + $predecessor->lag > $from) {
                $from = $over + $predecessor->lag;
                $reason = Reason::link($predecessor);
            }
        }
        if ($activity->release !== null && $activity->release->instant > $from) {
            $from = $activity->release->instant;
            $reason = Reason::release($activity->release);
        }

        return [$from, $reason];
    }

    /**
     * The person who would be done first.
     *
     * @return array{Agenda|null, array{int, string|null}} no agenda if there is nothing to work
     */
    private function earliest(Activity $activity, int $from): array
    {
        $best = null;
        $chosen = [null, [0, null]];
        if ($activity->work === 0) {
            return $chosen;
        }
        foreach ($this->able($activity) as $agenda) {
            $gap = $agenda->gap($from, $activity->work, $activity->oneSitting);
            $end = $agenda->worker->calendar->endOf($gap[0] + $activity->work);
            if ($best === null || $end < $best) {
                $best = $end;
                $chosen = [$agenda, $gap];
            }
        }

        return $chosen;
    }

    /** @return array<string, Agenda> */
    private function able(Activity $activity): array
    {
        $own = "w{$activity->worker}";
        if ($activity->worker !== null && isset($this->agendas[$own])) {
            return [$own => $this->agendas[$own]];
        }

        return $this->skilled[$activity->skill ?? ''] ??= array_filter($this->agendas, static fn (Agenda $agenda): bool => $activity->skill === null || in_array($activity->skill, $agenda->worker->skills, true));
    }

    /** @return array{int, string, string}|null the instant to wait for, the resource, and the activity that has it */
    private function conflict(Activity $activity, int $start, int $end): ?array
    {
        $latest = null;
        foreach ($activity->demands as $demand) {
            $occupancy = $this->resources[$demand->resource];
            $held = $demand->throughHold ? $activity->hold : 0;
            $free = $occupancy->conflict($start, $end + $held, $demand->quantity, $activity->work + $held);
            if ($free !== null && ($latest === null || $free > $latest[0])) {
                $latest = [$free, $demand->resource, $occupancy->endingAt($free) ?? $activity->id];
            }
        }

        return $latest;
    }

    private function assign(Activity $activity, Assignment $assignment): void
    {
        $from = $activity->isUnderWay() ? $this->problem->now : $assignment->start;
        foreach ($activity->demands as $demand) {
            $to = $demand->throughHold ? $assignment->finish : $assignment->workEnd;
            ($this->resources[$demand->resource] ?? null)?->book($from, $to, $demand->quantity, $activity->id);
        }
        $this->assignments[$activity->id] = $assignment;
    }
}

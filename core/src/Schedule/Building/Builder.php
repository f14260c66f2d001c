<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Plan\Unplanned;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Time\NoWorkingTime;

/**
 * Serial schedule generation (CALCULATIONS P3): one activity after another, in the order of their priority, each as
 * early as its predecessors, its release, the people and the resources allow. Where a recoat window would be missed it
 * tries again with the coat before it held back, and keeps what costs less. Deterministic.
 */
final class Builder
{
    /** So often coats are held back before the sanding is taken. */
    private const TRIES = 4;

    private readonly Workforce $people;

    private readonly Site $site;

    private readonly StandingSetUps $setUps;

    private readonly EarliestStart $ready;

    private readonly PlaceSearch $places;

    /** @var array<int|string, Assignment> */
    private array $assignments = [];

    /** @var array<int|string, Unplanned> */
    private array $unplanned = [];

    /** @param  array<int|string, int>  $heldBack  not before this instant, so that a window keeps, by activity */
    private function __construct(private readonly Problem $problem, array $heldBack)
    {
        $this->ready = new EarliestStart($problem, $heldBack);
        $this->people = new Workforce($problem->workers);
        $this->site = new Site($problem);
        $this->setUps = new StandingSetUps($this->site);
        $this->places = new PlaceSearch($this->people, $this->site);
    }

    /**
     * By keys, the smallest first. Only if a pin to a day would be missed so, what it needs goes ahead of everything.
     *
     * @param  array<int|string, int>  $keys  by activity
     */
    public static function byKeys(Problem $problem, array $keys): Plan
    {
        $plan = self::plan($problem, Priority::sorted($problem, $keys));
        $missed = $plan->missedPins($problem);
        if ($missed === []) {
            return $plan;
        }
        $other = self::plan($problem, Priority::sorted($problem, $keys, Priority::withAllBefore($problem, $missed)));

        return count($other->missedPins($problem)) < count($missed) ? $other : $plan;
    }

    /**
     * @param  list<Activity>|null  $order  every predecessor before its successors; the usual priority if none is
     *   given
     */
    public static function plan(Problem $problem, ?array $order = null): Plan
    {
        if ($order === null) {
            return self::byKeys($problem, Priority::keys($problem));
        }
        $best = $plan = self::once($problem, $order, []);
        $heldBack = [];
        for ($try = 0; $try < self::TRIES; $try++) {
            $more = $plan->heldBack($problem);
            if ($more === []) {
                break;
            }
            foreach ($more as $id => $instant) {
                $heldBack[$id] = max($instant, $heldBack[$id] ?? 0);
            }
            $plan = self::once($problem, $order, $heldBack);
            $best = (new Objective)->cost($problem, $plan) < (new Objective)->cost($problem, $best) ? $plan : $best;
        }

        return $best;
    }

    /**
     * @param  list<Activity>  $order
     * @param  array<int|string, int>  $heldBack
     */
    private static function once(Problem $problem, array $order, array $heldBack): Plan
    {
        $builder = new self($problem, $heldBack);
        foreach ($order as $activity) {
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
        try {
            match (true) {
                $activity->holdUntil !== null => $this->assign(
                    $activity,
                    new Spot(null, 0, 0, $this->problem->now, $this->problem->now, Reason::started()),
                    max($activity->holdUntil, $this->problem->now),
                ),
                $activity->startedAt !== null => $this->continue($activity),
                default => $this->begin($activity),
            };
        } catch (NoWorkingTime $never) {
            $this->unplanned[$activity->id] = new Unplanned($activity->id, $never->getMessage());
        }
    }

    private function impossible(Activity $activity): ?string
    {
        if (! $activity->isUnderWay()) {
            foreach ($activity->predecessors as $predecessor) {
                if (isset($this->unplanned[$predecessor->activity])) {
                    return 'It waits for an operation that cannot be planned.';
                }
            }
            $lacking = $this->site->lacking($activity);
            if ($lacking !== null) {
                return $lacking;
            }
        }

        return $activity->work > 0 && $this->people->able($activity) === []
            ? "Nobody who works in the shop has the skill “{$activity->skill}”. Give it to someone under People, or "
                .'give somebody who has it working hours.'
            : null;
    }

    /** Work under way goes on with the person who began it, on whatever it occupies already. */
    private function continue(Activity $activity): void
    {
        [$from, $reason] = $this->site->down($activity, $this->problem->now)
            ?? [$this->problem->now, Reason::started()];
        $found = $activity->work === 0 ? null : $this->people->earliest($activity, $from, $activity->work);
        // It goes on at the first working minute, but what it occupies it occupies from now on.
        if ($found === null) {
            $this->assign($activity, new Spot(null, 0, 0, $from, $from, $reason));

            return;
        }
        [$agenda, $begin, $work, $end] = $found;
        $start = $agenda->worker->calendar->startOf($begin);
        $this->assign($activity, new Spot($agenda, $begin, $work, $start, $end, $reason));
    }

    private function begin(Activity $activity): void
    {
        [$from, $reason] = $this->ready->of($activity, $this->assignments);
        $spot = $this->places->from($activity, $from, $reason, $activity->work);
        $missed = MissedWindows::before($activity, $spot->start, $this->assignments);
        for ($sanding = 0; MissedWindows::sanding($missed) > $sanding;) {
            $sanding = MissedWindows::sanding($missed);
            // Not before where it was missed: begun in time nothing would have to be sanded. With the sanding it may be
            // somebody else's, wait for something else, and miss another window.
            $spot = $this->places->from($activity, $spot->start, $spot->reason, $activity->work + $sanding);
            $missed = MissedWindows::before($activity, $spot->start, $this->assignments);
        }
        $shared = $this->shared($activity, $spot, $from, $reason, $sanding);
        if ($shared === null || MissedWindows::before($activity, $shared[0]->start, $this->assignments) !== $missed) {
            $this->assign($activity, $spot, missed: $missed);

            return;
        }
        [$spot, $since, $before, $station] = $shared;
        $this->site->keepSet($station, $since, $spot->start, $activity->id);
        $this->assign($activity, $spot, sharesSetUpOf: $before, missed: $missed);
    }

    /**
     * @return array{Spot, int, int|string, string}|null where it could go on with a set-up that stands: the place,
     *   since
     *   when, whose, on which station
     */
    private function shared(Activity $activity, Spot $alone, int $from, Reason $reason, int $sanding): ?array
    {
        $setUp = $activity->setUp;
        $station = $setUp === null ? null : $this->site->station($setUp);
        if ($setUp === null || $station === null) {
            return null;
        }
        $work = $activity->work + $sanding - $setUp->minutes;
        $search = fn (int $instant, int|string $before): Spot => $this->places->from(
            $activity, $instant, $instant > $from ? Reason::setUp($station, $before) : $reason, $work,
        );
        $found = $this->setUps->shared($setUp, $station, $from, $alone->end, $search);

        return $found === null ? null : [...$found, $station];
    }

    /** @param  list<Window>  $missed */
    private function assign(
        Activity $activity,
        Spot $spot,
        ?int $finish = null,
        int|string|null $sharesSetUpOf = null,
        array $missed = [],
    ): void {
        $spot->agenda?->book($spot->gap, $spot->work, $activity->id);
        $assignment = new Assignment(
            $activity->id, $activity->isUnderWay() && $spot->agenda === null ? $this->problem->now : $spot->start,
            $spot->end, $finish ?? $spot->end + $activity->hold,
            $spot->agenda === null ? $activity->worker : $spot->agenda->worker->id, $spot->reason, $spot->work,
            $sharesSetUpOf, $missed,
        );
        $this->site->book($activity, $assignment, $activity->isUnderWay() ? $this->problem->now : $spot->start);
        if ($activity->setUp !== null) {
            $this->setUps->stands($activity->setUp, $this->site->station($activity->setUp), $spot->end, $activity->id);
        }
        $this->assignments[$activity->id] = $assignment;
    }
}

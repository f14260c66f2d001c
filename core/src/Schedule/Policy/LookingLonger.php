<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Search\InForce;
use Regimen\Schedule\Solver\Budget;

/** Looks longer for a better plan, with all of it free: from the plan in force on, and once more from nothing. */
final readonly class LookingLonger
{
    /** Plans that are tried each time. */
    private const SCHEDULES = 300;

    private PlanOrder $order;

    public function __construct(private Problem $problem, private Standing $standing)
    {
        $this->order = new PlanOrder($problem, $standing);
    }

    /** Plans that are tried in all. */
    public static function schedules(): int
    {
        return 2 * self::SCHEDULES;
    }

    /** The plan as it would be made now. */
    public function before(): Planned
    {
        return $this->order->planned();
    }

    /** @return Planned|null the best plan found, if one is better */
    public function better(Planned $before): ?Planned
    {
        $objective = $this->order->objective();
        $positions = array_map(static fn ($one): int => (int) $one->position, $before->plan->assignments);
        $found = [
            Improver::goOn($this->problem, new Budget(self::SCHEDULES), new InForce(
                $positions + $this->order->keys(), self::chosen(self::announced($before->plan)),
            ), 1, $objective),
            Improver::improve($this->problem, new Budget(self::SCHEDULES), 1, $objective, $this->order->keys()),
        ];
        usort($found, static fn ($a, $b): int => $a->bestCost <=> $b->bestCost);
        $best = new Planned($this->problem, $found[0]->best);

        return $this->cost($best) < $this->cost($before) ? $best : null;
    }

    /**
     * Whether a plan that was found before is still better than the plan as it would be made now.
     *
     * @param  array<int|string, Announced>  $announced
     */
    public function isStillBetter(array $announced): bool
    {
        $again = (new PlanOrder($this->problem, $this->standing->takenBackTo($announced)))->planned();

        return $this->cost($again) < $this->cost($this->before());
    }

    public function cost(Planned $planned): int
    {
        return $this->order->objective()->cost($planned->problem, $planned->plan);
    }

    /** @return array<int|string, Announced> a plan as it would be announced, by activity */
    public static function announced(Plan $plan): array
    {
        $announced = [];
        foreach ($plan->assignments as $id => $one) {
            $announced[$id] = new Announced(
                $one->worker, $one->start, position: $one->position, isChosen: $one->isChosen, announcedStart: $one->announcedStart,
                end: $one->workEnd,
            );
        }

        return $announced;
    }

    /**
     * @param  array<int|string, Announced>  $announced
     * @return array<int|string, int>
     */
    private static function chosen(array $announced): array
    {
        $chosen = [];
        foreach ($announced as $id => $one) {
            if ($one->isChosen && $one->worker !== null) {
                $chosen[$id] = $one->worker;
            }
        }

        return $chosen;
    }
}

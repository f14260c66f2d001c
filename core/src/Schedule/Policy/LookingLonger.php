<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/** Looks longer for a better plan: with what is near today kept, and with all of it free. */
final readonly class LookingLonger
{
    /** Plans that are tried each time. */
    private const SCHEDULES = 100;

    private PlanOrder $order;

    public function __construct(private Problem $problem, Standing $standing)
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

    /** @return array<int|string, int>|null the order that leads to the best plan found, if one is better */
    public function keys(Planned $before): ?array
    {
        $best = null;
        $cost = $this->cost($before);
        foreach ([$before->problem, $this->problem] as $searched) {
            $improved = Improver::improve(
                $searched, new Budget(self::SCHEDULES), 1, $this->order->objective(), $this->order->keys(),
            );
            $found = $this->cost($this->order->planned($improved->keys));
            if ($found < $cost) {
                [$best, $cost] = [$improved->keys, $found];
            }
        }

        return $best;
    }

    /** @param  array<int|string, int>  $keys */
    public function after(array $keys): Planned
    {
        return $this->order->planned($keys);
    }

    /**
     * Whether an order that was found before is still better than the plan as it would be made now.
     *
     * @param  array<int|string, int>  $keys
     */
    public function isStillBetter(array $keys): bool
    {
        $now = $this->order->keys();
        $then = $this->order->planned(array_replace($now, array_intersect_key($keys, $now)));

        return $this->cost($then) < $this->cost($this->order->planned($now));
    }

    public function cost(Planned $planned): int
    {
        return $this->order->objective()->cost($planned->problem, $planned->plan);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Problem;

/** The shop as it stands and the plan that was made of it. */
final readonly class Planned
{
    /** @param  string  $asked  what was asked of the plan: promises, weights, what was pushed; the same for the same */
    public function __construct(public Problem $problem, public Plan $plan, public string $asked = '')
    {
    }

    public function cost(): int
    {
        return (new Objective)->cost($this->problem, $this->plan);
    }

    /** @param  string  $build  its identity in the problem */
    public function finish(int|string $build): ?int
    {
        return $this->plan->finishOf($build, $this->problem);
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Problem;

/** The shop as it stands and the plan that was made of it. */
final readonly class Planned
{
    public function __construct(public Problem $problem, public Plan $plan)
    {
    }

    public function cost(): int
    {
        return (new Objective)->cost($this->problem, $this->plan);
    }

    public function finish(int $build): ?int
    {
        return $this->plan->finishOf("b{$build}", $this->problem);
    }
}

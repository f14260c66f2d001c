<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** The logbook tells it as something about the plan. */
trait InPlan
{
    public function entry(): string
    {
        return 'plan';
    }
}

<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Planning\Plan\BetterPlan;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Takes its time outside the request; what it finds is offered. */
final class LookForBetterPlan implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $timeout = 120;

    public int $uniqueFor = 120;

    public function handle(BetterPlan $better): void
    {
        $better->look();
    }
}

<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks on for a better cutting plan, ten times as long as before; what it finds stands on the plan’s page. */
final class LookForBetterCuts implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $timeout = 120;

    public int $uniqueFor = 120;

    public function __construct(private readonly CuttingAsked $asked)
    {
    }

    public function uniqueId(): string
    {
        return hash('xxh128', serialize($this->asked));
    }

    public function handle(Cutting $cutting): void
    {
        $cutting->lookLonger($cutting->table($this->asked), $this->asked->mayTurn);
    }
}

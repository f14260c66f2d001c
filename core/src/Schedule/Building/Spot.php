<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Reason;

/** Where an activity would stand: whose time, from when to when, and why not sooner. */
final readonly class Spot
{
    /**
     * @param  int  $gap  the person's working minute at which it begins
     * @param  int  $work  the person's working minutes
     */
    public function __construct(
        public ?Agenda $agenda,
        public int $gap,
        public int $work,
        public int $start,
        public int $end,
        public Reason $reason,
    ) {
    }
}

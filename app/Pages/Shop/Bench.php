<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** The foot of every page. */
final readonly class Bench
{
    /**
     * @param  list<RunningClock>  $clocks
     * @param  list<HoldUnderWay>  $holds
     */
    public function __construct(
        public array $clocks,
        public array $holds,
        public ?NextThing $next,
    ) {
    }
}

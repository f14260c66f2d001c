<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** What the manager has fixed about an activity: by whom, on which day, behind what. */
final readonly class Pin
{
    /**
     * @param  int|null  $from  not before this instant
     * @param  int|null  $until  begun before this instant, if that can be
     * @param  string|null  $after  an activity whose labour is done first
     */
    public function __construct(
        public ?int $worker = null,
        public ?int $from = null,
        public ?int $until = null,
        public int|string|null $after = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Grid;

/** What people were announcedStart: who, and when; kept in its order, and if it is close enough, at its time. */
final readonly class Announced
{
    /**
     * @param  bool  $keepsTime  not before its start; otherwise as early as can be, in the order of starts
     * @param  int|null  $position  in which order it was planned, from 0; null where nobody knows
     * @param  bool  $isChosen  whether the person was chosen rather than whoever was done first
     * @param  int|null  $announcedStart  not before this instant, since people had been told so already
     * @param  int|null  $end  of its labour
     */
    public function __construct(
        public ?int $worker,
        public int $start,
        public bool $keepsTime = true,
        public ?int $position = null,
        public bool $isChosen = false,
        public ?int $announcedStart = null,
        public ?int $end = null,
    ) {
    }

    /** The same, beginning on a five-minute mark. */
    public function onGrid(): self
    {
        return new self(
            $this->worker, Grid::up($this->start), $this->keepsTime, $this->position, $this->isChosen, $this->announcedStart, $this->end,
        );
    }
}

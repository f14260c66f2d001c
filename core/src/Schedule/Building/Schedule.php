<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Tables\State;

/** A candidate as it was scheduled, with what is needed to build the next one from where it differs. */
final readonly class Schedule
{
    /**
     * @param  list<int>  $list  in which order the activities were placed
     * @param  array<int, int>  $heldBack  not before these instants, so that a window keeps, by activity
     * @param  array<int, State>  $marks  how far it was, by position in the list
     * @param  list<int>  $costs  what it had to cost at the least, by position in the list
     * @param  int  $cost  less is better; what is left out and pins that are missed count before everything else
     */
    public function __construct(
        public Candidate $candidate,
        public array $list,
        public array $heldBack,
        public State $state,
        public array $marks,
        public array $costs,
        public int $cost,
    ) {
    }

    /** Whether it was given up because it costs too much anyway. */
    public function isGivenUp(): bool
    {
        return $this->cost === PHP_INT_MAX;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;

/** The plan in force as the search begins with it. */
final readonly class InForce
{
    /**
     * @param  array<int|string, int>  $keys  in which order it was planned, by activity
     * @param  array<int|string, int>  $people  who was chosen, by activity
     * @param  array<int|string, Announced>  $near  what is near today, and was told to people
     * @param  array<int|string, int>  $told  not before these instants, by activity
     * @param  array<int|string, int>  $starts  where everything was to start; with nothing else to be found if it still does
     */
    public function __construct(
        public array $keys,
        public array $people = [],
        public array $near = [],
        public array $told = [],
        public array $starts = [],
    ) {
    }

    /** Whether everything starts as it was to start, and nothing else is planned. */
    public function isUnmoved(Tables $tables, State $state): bool
    {
        foreach ($tables->activities as $index => $activity) {
            if (($state->start[$index] ?? null) !== ($this->starts[$activity->id] ?? null)) {
                return false;
            }
        }

        return true;
    }

    public function candidate(Tables $tables): Candidate
    {
        $people = $this->people;
        $told = [];
        foreach ($this->near as $id => $one) {
            if ($one->worker !== null) {
                $people[$id] = $one->worker;
            }
        }
        foreach (array_intersect_key($this->told, $tables->index) as $id => $instant) {
            $told[$tables->index[$id]] = $instant;
        }
        $candidate = Candidate::of($tables, $this->keys, $people);

        return new Candidate($candidate->keys, $candidate->people, $told);
    }
}

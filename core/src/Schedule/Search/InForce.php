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
    /** What is near stands by so much before what is not: beyond every position and instant. */
    private const FIRST = 1 << 34;

    private const NEARLY = 15;

    /**
     * @param  array<int|string, int>  $keys  in which order it was planned, by activity
     * @param  array<int|string, int>  $people  who was chosen, by activity
     * @param  array<int|string, Announced>  $near  what is near today, and was told to people
     * @param  array<int|string, int>  $announcedStart  not before these instants, by activity
     * @param  array<int|string, int>  $starts  where everything was to start; with nothing else to be found if it still does
     */
    public function __construct(
        public array $keys,
        public array $people = [],
        public array $near = [],
        public array $announcedStart = [],
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

    /** As the plan in force was made. */
    public function candidate(Tables $tables): Candidate
    {
        $candidate = Candidate::of($tables, $this->keys, $this->people);

        return new Candidate($candidate->keys, $candidate->people, $this->byIndex($tables, $this->announcedStart));
    }

    /**
     * What is near first, in the order of its starts and with the people who were told; some of it behind the others.
     *
     * @param  array<int, true>  $behind  by activity's number
     */
    public function nearFirst(Tables $tables, array $behind = []): Candidate
    {
        $keys = $this->keys;
        $people = $this->people;
        foreach ($this->near as $id => $one) {
            $index = $tables->index[$id] ?? -1;
            // What is begun and taken up again comes behind what is done in between.
            $keys[$id] = ($one->end ?? $one->start) - (isset($behind[$index]) ? 1 : 2) * self::FIRST;
            if ($one->worker !== null) {
                $people[$id] = $one->worker;
            }
        }
        $candidate = Candidate::of($tables, $keys, $people);
        $announcedStart = array_diff_key($this->byIndex($tables, $this->announcedStart), $behind);

        return new Candidate($candidate->keys, $candidate->people, $announcedStart);
    }

    /**
     * Of what is near, what does not stand where people were announcedStart: its number, in the order of starts.
     *
     * @return list<int>
     */
    public function moved(Tables $tables, State $state): array
    {
        $moved = [];
        foreach ($this->near as $id => $one) {
            $index = $tables->index[$id] ?? null;
            if ($index !== null && (
                abs(($state->start[$index] ?? 0) - $one->start) > self::NEARLY
                || ($one->worker !== null && $state->person[$index] !== ($tables->people->index[$one->worker] ?? -1))
            )) {
                $moved[$index] = $one->start;
            }
        }
        asort($moved);

        return array_keys($moved);
    }

    /**
     * @param  array<int|string, int>  $values  by activity
     * @return array<int, int>
     */
    private function byIndex(Tables $tables, array $values): array
    {
        $found = [];
        foreach (array_intersect_key($values, $tables->index) as $id => $value) {
            $found[$tables->index[$id]] = $value;
        }

        return $found;
    }
}

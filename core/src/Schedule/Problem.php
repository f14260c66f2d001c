<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** Everything that a plan is made from. */
final readonly class Problem
{
    /** @var array<string, Activity> in an order in which every predecessor stands before its successors */
    public array $activities;

    /**
     * @param  int  $now  nothing new is planned before this instant
     * @param  iterable<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities  by resource
     * @param  array<string, Due>  $dues  by build
     *
     * @throws ImpossibleProblem if links go round in a circle
     */
    public function __construct(
        public int $now,
        iterable $activities,
        public array $workers,
        public array $capacities,
        public array $dues = [],
    ) {
        $this->activities = self::sorted($activities);
    }

    /**
     * @param  iterable<Activity>  $activities
     * @return array<string, Activity>
     */
    private static function sorted(iterable $activities): array
    {
        $byId = $waitsFor = $next = [];
        foreach ($activities as $activity) {
            $byId[$activity->id] = $activity;
        }
        foreach ($byId as $id => $activity) {
            $waitsFor[$id] = 0;
            foreach ($activity->predecessors as $predecessor) {
                if (isset($byId[$predecessor->activity])) {
                    $waitsFor[$id]++;
                    $next[$predecessor->activity][] = $id;
                }
            }
        }
        $ready = array_keys(array_filter($waitsFor, static fn (int $count): bool => $count === 0));
        $sorted = [];
        for ($index = 0; $index < count($ready); $index++) {
            $sorted[$ready[$index]] = $byId[$ready[$index]];
            foreach ($next[$ready[$index]] ?? [] as $id) {
                if (--$waitsFor[$id] === 0) {
                    $ready[] = $id;
                }
            }
        }
        if (count($sorted) < count($byId)) {
            throw ImpossibleProblem::circle(array_map('strval', array_keys(array_diff_key($byId, $sorted))));
        }

        return $sorted;
    }
}

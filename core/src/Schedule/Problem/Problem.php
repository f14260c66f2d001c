<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\Grid;

/** Everything that a plan is made from, on five-minute marks. */
final readonly class Problem
{
    public int $now;

    /** @var list<Outage> */
    public array $outages;

    /** @var array<int|string, Activity> in an order in which everything that comes before stands before */
    public array $activities;

    /** @var array<int|string, list<int|string>> by activity: what is placed before it, of what is in the problem */
    public array $before;

    /**
     * @var list<int|string> activities whose pin behind another goes round in a circle with the links; it is left
     *   out
     */
    public array $circular;

    /**
     * @param  int  $now  nothing new is planned before the mark at or after this instant
     * @param  iterable<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities  by resource
     * @param  array<int|string, Due>  $dues  by build
     * @param  list<Outage>  $outages
     * @param  array<string, Calendar>  $hours  in which a station or a fixture can be worked at, by resource; day and
     *   night where none are given. A hold goes on outside of them
     *
     * @throws ImpossibleProblem if links go round in a circle
     */
    public function __construct(
        int $now,
        iterable $activities,
        public array $workers,
        public array $capacities,
        public array $dues = [],
        array $outages = [],
        public Weights $weights = new Weights,
        public array $hours = [],
    ) {
        $this->now = Grid::up($now);
        $this->outages = array_map(static fn (Outage $outage): Outage => $outage->onGrid(), $outages);
        $byId = [];
        foreach ($activities as $activity) {
            $byId[$activity->id] = $activity->onGrid();
        }
        [$sorted, $before] = self::sorted($byId);
        $circular = [];
        if (count($sorted) < count($byId)) {
            foreach (array_diff_key($byId, $sorted) as $id => $activity) {
                if ($activity->pin?->after !== null) {
                    $byId[$id] = $activity->with(
                        ['pin' => new Pin($activity->pin->worker, $activity->pin->from, $activity->pin->until)],
                    );
                    $circular[] = $id;
                }
            }
            [$sorted, $before] = self::sorted($byId);
        }
        if (count($sorted) < count($byId)) {
            throw ImpossibleProblem::circle(array_map('strval', array_keys(array_diff_key($byId, $sorted))));
        }
        $this->activities = $sorted;
        $this->before = $before;
        $this->circular = $circular;
    }

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        return new self(...[
            'now' => $this->now, 'activities' => $this->activities, 'workers' => $this->workers,
            'capacities' => $this->capacities,
            'dues' => $this->dues, 'outages' => $this->outages, 'weights' => $this->weights, 'hours' => $this->hours, ...$changes,
        ]);
    }

    /**
     * @param  array<int|string, Activity>  $byId
     * @return array{array<int|string, Activity>, array<int|string, list<int|string>>}
     */
    private static function sorted(array $byId): array
    {
        $waitsFor = $next = $before = [];
        foreach ($byId as $id => $activity) {
            $before[$id] = [];
            foreach ($activity->predecessors as $predecessor) {
                if (isset($byId[$predecessor->activity])) {
                    $before[$id][] = $predecessor->activity;
                    $next[$predecessor->activity][] = $id;
                }
            }
            // What has begun waits for no pin any more.
            $after = $activity->isUnderWay() ? null : $activity->pin?->after;
            if ($after !== null && isset($byId[$after])) {
                $before[$id][] = $after;
                $next[$after][] = $id;
            }
            $waitsFor[$id] = count($before[$id]);
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

        return [$sorted, $before];
    }
}

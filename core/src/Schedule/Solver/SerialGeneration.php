<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

/** Serial schedule generation: job after job in the order of a list, each as early as links and resources allow. */
final class SerialGeneration
{
    public function __construct(private readonly Project $project)
    {
    }

    /**
     * @param  list<int>  $list  every job, each after its predecessors
     * @return array{list<int>, int} starts by job, and the makespan
     */
    public function schedule(array $list): array
    {
        return count($this->project->room) === 1 ? $this->packed($list) : $this->inWords($list);
    }

    /**
     * @param  list<int>  $list
     * @return array{list<int>, int}
     */
    private function packed(array $list): array
    {
        $durations = $this->project->durations;
        $predecessors = $this->project->predecessors;
        $demands = $this->project->demands;
        $guards = $this->project->guards[0];
        $all = $this->project->room[0];
        $use = array_fill(0, $this->project->horizon + 1, 0);
        $start = $finish = array_fill(0, count($list), 0);
        $makespan = 0;
        foreach ($list as $job) {
            $at = 0;
            foreach ($predecessors[$job] as $before) {
                if ($finish[$before] > $at) {
                    $at = $finish[$before];
                }
            }
            $end = $at + $durations[$job];
            $demand = $demands[$job][0];
            if ($demand !== 0 && $end > $at) {
                $room = $all - $demand;
                // From the end of the window backwards: the last unit that is taken says where to go on.
                for ($unit = $end - 1; $unit >= $at; $unit--) {
                    if ((($room - $use[$unit]) & $guards) !== $guards) {
                        $at = $unit + 1;
                        $end = $at + $durations[$job];
                        $unit = $end;
                    }
                }
                for ($unit = $at; $unit < $end; $unit++) {
                    $use[$unit] += $demand;
                }
            }
            $start[$job] = $at;
            $finish[$job] = $end;
            if ($end > $makespan) {
                $makespan = $end;
            }
        }

        return [array_values($start), $makespan];
    }

    /**
     * With more resources than fit into one word.
     *
     * @param  list<int>  $list
     * @return array{list<int>, int}
     */
    private function inWords(array $list): array
    {
        $words = count($this->project->room);
        $use = array_fill(0, $words, array_fill(0, $this->project->horizon + 1, 0));
        $start = $finish = array_fill(0, count($list), 0);
        foreach ($list as $job) {
            $at = 0;
            foreach ($this->project->predecessors[$job] as $before) {
                $at = max($at, $finish[$before]);
            }
            $duration = $this->project->durations[$job];
            for ($unit = $at + $duration - 1; $unit >= $at; $unit--) {
                for ($word = 0; $word < $words; $word++) {
                    if ((
                        (
                            $this->project->room[$word] - $this->project->demands[$job][$word] - $use[$word][$unit]
                        ) & $this->project->guards[$word]
                    ) !== $this->project->guards[$word]) {
                        $at = $unit + 1;
                        $unit = $at + $duration;
                        break;
                    }
                }
            }
            for ($word = 0; $word < $words; $word++) {
                for ($unit = $at; $unit < $at + $duration; $unit++) {
                    $use[$word][$unit] += $this->project->demands[$job][$word];
                }
            }
            $start[$job] = $at;
            $finish[$job] = $at + $duration;
        }

        return [array_values($start), max(0, ...$finish)];
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Random\Randomizer;

/** The jobs of a job shop in an order on each machine, laid out: heads, tails, the critical chain, and swaps on it. */
final class MachineOrder
{
    /** @var array<int, int> the job before and behind each on its machine */
    private array $beforeOn = [];

    /** @var array<int, int> */
    private array $behindOn = [];

    /** @var list<int> */
    public array $heads = [];

    /** @var list<int> tails, with the job's own duration */
    private array $tails = [];

    public int $makespan = 0;

    public function __construct(private readonly Project $project, private readonly Randomizer $random)
    {
    }

    /** @param  list<int>  $starts  of a schedule, whose order on each machine is taken */
    public function follow(array $starts): void
    {
        $byMachine = [];
        foreach ($this->project->machines ?? [] as $job => $machine) {
            if ($machine !== null) {
                $byMachine[$machine][] = $job;
            }
        }
        $this->beforeOn = $this->behindOn = [];
        foreach ($byMachine as $jobs) {
            usort($jobs, static fn (int $a, int $b): int => $starts[$a] <=> $starts[$b]);
            for ($at = 1; $at < count($jobs); $at++) {
                $this->beforeOn[$jobs[$at]] = $jobs[$at - 1];
                $this->behindOn[$jobs[$at - 1]] = $jobs[$at];
            }
        }
        $this->layOut();
    }

    /** Heads and tails of every job in the present order; false if it goes round in a circle. */
    public function layOut(): bool
    {
        $durations = $this->project->durations;
        $predecessors = $this->project->predecessors;
        $successors = $this->project->successors;
        $waits = [];
        $ready = [];
        foreach ($predecessors as $job => $before) {
            $waits[$job] = count($before) + (isset($this->beforeOn[$job]) ? 1 : 0);
            if ($waits[$job] === 0) {
                $ready[] = $job;
            }
        }
        $heads = array_fill(0, count($durations), 0);
        $makespan = 0;
        for ($at = 0; $at < count($ready); $at++) {
            $job = $ready[$at];
            $end = $heads[$job] + $durations[$job];
            $makespan = $end > $makespan ? $end : $makespan;
            $after = $successors[$job];
            if (isset($this->behindOn[$job])) {
                $after[] = $this->behindOn[$job];
            }
            foreach ($after as $next) {
                if ($end > $heads[$next]) {
                    $heads[$next] = $end;
                }
                if (--$waits[$next] === 0) {
                    $ready[] = $next;
                }
            }
        }
        if (count($ready) < count($durations)) {
            return false;
        }
        $tails = array_fill(0, count($durations), 0);
        for ($at = count($ready) - 1; $at >= 0; $at--) {
            $job = $ready[$at];
            $longest = isset($this->behindOn[$job]) ? $tails[$this->behindOn[$job]] : 0;
            foreach ($successors[$job] as $next) {
                $longest = $tails[$next] > $longest ? $tails[$next] : $longest;
            }
            $tails[$job] = $longest + $durations[$job];
        }
        $this->heads = $heads;
        $this->tails = array_values($tails);
        $this->makespan = $makespan;

        return true;
    }

    /**
     * Neighbours on a machine along one critical chain, drawn at random where there are several.
     *
     * @param  bool  $all  every pair of a block, or only those at its ends
     * @return list<array{int, int}>
     */
    public function moves(bool $all): array
    {
        $chain = $this->chain();
        $moves = [];
        $count = count($chain);
        for ($from = 0; $from < $count; $from = $to) {
            $to = $from + 1;
            while ($to < $count && ($this->beforeOn[$chain[$to]] ?? null) === $chain[$to - 1]) {
                $to++;
            }
            if ($to - $from < 2) {
                continue;
            }
            if ($all) {
                for ($at = $from; $at < $to - 1; $at++) {
                    $moves[] = [$chain[$at], $chain[$at + 1]];
                }

                continue;
            }
            if ($from > 0) {
                $moves[] = [$chain[$from], $chain[$from + 1]];
            }
            if ($to < $count && ($to - $from > 2 || $from === 0)) {
                $moves[] = [$chain[$to - 2], $chain[$to - 1]];
            }
        }

        return $moves;
    }

    /** @return list<int> jobs with a duration, from the beginning to the end */
    private function chain(): array
    {
        $open = [];
        foreach ($this->project->order as $job) {
            if ($this->heads[$job] === 0 && $this->tails[$job] === $this->makespan) {
                $open[] = $job;
            }
        }
        $chain = [];
        while ($open !== []) {
            $job = $open[count($open) === 1 ? 0 : $this->random->getInt(0, count($open) - 1)];
            if ($this->project->durations[$job] > 0) {
                $chain[] = $job;
            }
            $end = $this->heads[$job] + $this->project->durations[$job];
            $left = $this->tails[$job] - $this->project->durations[$job];
            $open = [];
            $next = $this->behindOn[$job] ?? null;
            if ($left > 0 && $next !== null && $this->heads[$next] === $end && $this->tails[$next] === $left) {
                $open[] = $next;
            }
            foreach ($left > 0 ? $this->project->successors[$job] : [] as $after) {
                if ($this->heads[$after] === $end && $this->tails[$after] === $left) {
                    $open[] = $after;
                }
            }
        }

        return $chain;
    }

    /** The longest chain through either job once v comes before u. */
    public function estimate(int $u, int $v): int
    {
        $durations = $this->project->durations;
        $before = $this->beforeOn[$u] ?? null;
        $head = $before === null ? 0 : $this->heads[$before] + $durations[$before];
        foreach ($this->project->predecessors[$v] as $one) {
            $head = max($head, $this->heads[$one] + $durations[$one]);
        }
        $second = $head + $durations[$v];
        foreach ($this->project->predecessors[$u] as $one) {
            $second = max($second, $this->heads[$one] + $durations[$one]);
        }
        $behind = $this->behindOn[$v] ?? null;
        $tail = $behind === null ? 0 : $this->tails[$behind];
        foreach ($this->project->successors[$u] as $one) {
            $tail = max($tail, $this->tails[$one]);
        }
        $tail += $durations[$u];
        $first = $tail;
        foreach ($this->project->successors[$v] as $one) {
            $first = max($first, $this->tails[$one]);
        }

        return max($head + $first + $durations[$v], $second + $tail);
    }

    /** Puts v, which stands right behind u on their machine, before it. */
    public function swap(int $u, int $v): void
    {
        $before = $this->beforeOn[$u] ?? null;
        $behind = $this->behindOn[$v] ?? null;
        unset($this->beforeOn[$v], $this->behindOn[$u]);
        if ($before !== null) {
            $this->behindOn[$before] = $v;
            $this->beforeOn[$v] = $before;
        }
        if ($behind !== null) {
            $this->beforeOn[$behind] = $u;
            $this->behindOn[$u] = $behind;
        }
        $this->behindOn[$v] = $u;
        $this->beforeOn[$u] = $v;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Tabu search on the order of the jobs on each machine: neighbours at the ends of the blocks of a critical chain are
 * swapped (Nowicki and Smutnicki, A fast taboo search algorithm for the job shop problem, Management Science 42, 1996;
 * the estimate of a swap after Balas and Vazacopoulos 1998; both memory). Every schedule that is laid out is counted.
 */
final class MachineSwaps
{
    private const TENURE = [8, 14];

    /** Without a better one for so long, the search begins again from the best with a few swaps at random. */
    private const PATIENCE = 700;

    private readonly Randomizer $random;

    /** @var list<list<int>> jobs by machine, in their order */
    private array $sequences = [];

    /** @var array<int, int> the job before and behind each on its machine */
    private array $beforeOn = [];

    /** @var array<int, int> */
    private array $behindOn = [];

    /** @var list<int> */
    private array $heads = [];

    /** @var list<int> tails, with the job's own duration */
    private array $tails = [];

    private int $makespan = 0;

    public function __construct(private readonly Project $project, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function improve(Solution $start, Budget $budget): Solution
    {
        if ($budget->isSpent()) {
            return $start;
        }
        $best = $start;
        $bound = $this->project->lowerBound();
        $this->begin($start->starts, $budget);
        $best = $this->makespan < $best->makespan ? new Solution($this->heads, $this->makespan) : $best;
        $tabu = [];
        $idle = 0;
        for ($step = 0; ! $budget->isSpent() && $best->makespan > $bound; $step++) {
            if ($idle++ > self::PATIENCE) {
                $this->shake($best->starts, $budget);
                [$tabu, $idle] = [[], 0];
            }
            $move = $this->choose($tabu, $step, $best->makespan);
            if ($move === null) {
                $idle = self::PATIENCE + 1;
                $this->shake($best->starts, $budget);

                continue;
            }
            [$u, $v] = $move;
            $this->swap($u, $v);
            $budget->spent++;
            if (! $this->layOut()) {
                $this->swap($v, $u);
                $this->layOut();
                $tabu["{$u} {$v}"] = $step + self::TENURE[1];

                continue;
            }
            $tabu["{$v} {$u}"] = $step + $this->random->getInt(...self::TENURE);
            if ($this->makespan < $best->makespan) {
                $best = new Solution($this->heads, $this->makespan);
                $idle = 0;
            }
        }

        return $best;
    }

    /** @param  list<int>  $starts */
    private function begin(array $starts, Budget $budget): void
    {
        $byMachine = [];
        foreach ($this->project->machines ?? [] as $job => $machine) {
            if ($machine !== null) {
                $byMachine[$machine][] = $job;
            }
        }
        foreach ($byMachine as &$jobs) {
            usort($jobs, static fn (int $a, int $b): int => $starts[$a] <=> $starts[$b]);
        }
        $this->sequences = array_values($byMachine);
        $this->beforeOn = $this->behindOn = [];
        foreach ($this->sequences as $sequence) {
            for ($at = 1; $at < count($sequence); $at++) {
                $this->beforeOn[$sequence[$at]] = $sequence[$at - 1];
                $this->behindOn[$sequence[$at - 1]] = $sequence[$at];
            }
        }
        $budget->spent++;
        $this->layOut();
    }

    /** @param  list<int>  $starts */
    private function shake(array $starts, Budget $budget): void
    {
        if ($budget->isSpent()) {
            return;
        }
        $this->begin($starts, $budget);
        for ($swaps = $this->random->getInt(3, 8); $swaps > 0 && ! $budget->isSpent(); $swaps--) {
            $moves = $this->moves(true);
            if ($moves === []) {
                return;
            }
            [$u, $v] = $moves[$this->random->getInt(0, count($moves) - 1)];
            $this->swap($u, $v);
            $budget->spent++;
            if (! $this->layOut()) {
                $this->swap($v, $u);
                $this->layOut();
            }
        }
    }

    /** Heads and tails of every job in the present order; false if it goes round in a circle. */
    private function layOut(): bool
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
     * @param  array<string, int>  $tabu
     * @return array{int, int}|null
     */
    private function choose(array $tabu, int $step, int $best): ?array
    {
        $moves = $this->moves(false);
        $chosen = null;
        $least = PHP_INT_MAX;
        foreach ($moves as $move) {
            $estimate = $this->estimate($move[0], $move[1]);
            if (($tabu["{$move[0]} {$move[1]}"] ?? -1) >= $step && $estimate >= $best) {
                continue;
            }
            if ($estimate < $least) {
                $least = $estimate;
                $chosen = $move;
            }
        }

        return $chosen ?? ($moves === [] ? null : $moves[$this->random->getInt(0, count($moves) - 1)]);
    }

    /**
     * Neighbours on a machine along one critical chain, drawn at random where there are several.
     *
     * @param  bool  $all  every pair of a block, or only those at its ends
     * @return list<array{int, int}>
     */
    private function moves(bool $all): array
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
    private function estimate(int $u, int $v): int
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
    private function swap(int $u, int $v): void
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

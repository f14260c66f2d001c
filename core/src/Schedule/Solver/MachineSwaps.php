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

    private readonly MachineOrder $order;

    public function __construct(private readonly Project $project, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->order = new MachineOrder($project, $this->random);
    }

    public function improve(Solution $start, Budget $budget): Solution
    {
        if ($budget->isSpent()) {
            return $start;
        }
        $best = $start;
        $bound = $this->project->lowerBound();
        $this->begin($start->starts, $budget);
        $best = $this->order->makespan < $best->makespan
            ? new Solution($this->order->heads, $this->order->makespan)
            : $best;
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
            $this->order->swap($u, $v);
            $budget->spent++;
            if (! $this->order->layOut()) {
                $this->order->swap($v, $u);
                $this->order->layOut();
                $tabu["{$u} {$v}"] = $step + self::TENURE[1];

                continue;
            }
            $tabu["{$v} {$u}"] = $step + $this->random->getInt(...self::TENURE);
            if ($this->order->makespan < $best->makespan) {
                $best = new Solution($this->order->heads, $this->order->makespan);
                $idle = 0;
            }
        }

        return $best;
    }

    /** @param  list<int>  $starts */
    private function begin(array $starts, Budget $budget): void
    {
        $budget->spent++;
        $this->order->follow($starts);
    }

    /** @param  list<int>  $starts */
    private function shake(array $starts, Budget $budget): void
    {
        if ($budget->isSpent()) {
            return;
        }
        $this->begin($starts, $budget);
        for ($swaps = $this->random->getInt(3, 8); $swaps > 0 && ! $budget->isSpent(); $swaps--) {
            $moves = $this->order->moves(true);
            if ($moves === []) {
                return;
            }
            [$u, $v] = $moves[$this->random->getInt(0, count($moves) - 1)];
            $this->order->swap($u, $v);
            $budget->spent++;
            if (! $this->order->layOut()) {
                $this->order->swap($v, $u);
                $this->order->layOut();
            }
        }
    }

    /**
     * @param  array<string, int>  $tabu
     * @return array{int, int}|null
     */
    private function choose(array $tabu, int $step, int $best): ?array
    {
        $moves = $this->order->moves(false);
        $chosen = null;
        $least = PHP_INT_MAX;
        foreach ($moves as $move) {
            $estimate = $this->order->estimate($move[0], $move[1]);
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
}

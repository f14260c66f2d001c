<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

/** Whole minutes shared out in proportion, none lost. */
final class Shared
{
    /**
     * @template K of array-key
     *
     * @param  array<K, int>  $weights  equal parts when all are zero
     * @return array<K, int> what each gets; those that get nothing are left out
     */
    public static function out(int $minutes, array $weights): array
    {
        $total = array_sum($weights);
        if ($total === 0) {
            $weights = array_map(static fn (): int => 1, $weights);
            $total = count($weights);
        }
        $shares = [];
        $sofar = $given = 0;
        foreach ($weights as $key => $weight) {
            $sofar += $weight;
            $upTo = intdiv($minutes * $sofar, max(1, $total));
            $shares[$key] = $upTo - $given;
            $given = $upTo;
        }

        return array_filter($shares);
    }
}

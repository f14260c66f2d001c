<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** Spearman’s rank correlation: Pearson’s of the ranks, equal ones sharing theirs. */
final class Rank
{
    /**
     * @param  list<int|float>  $a
     * @param  list<int|float>  $b  as many
     * @return float −1 to 1; 0 where one of the two never changes
     */
    public static function correlation(array $a, array $b): float
    {
        [$a, $b] = [self::ranks($a), self::ranks($b)];
        $mean = (count($a) + 1) / 2;
        $both = $ofA = $ofB = 0.0;
        foreach ($a as $at => $rank) {
            $both += ($rank - $mean) * ($b[$at] - $mean);
            $ofA += ($rank - $mean) ** 2;
            $ofB += ($b[$at] - $mean) ** 2;
        }

        return $ofA <= 0 || $ofB <= 0 ? 0.0 : $both / sqrt($ofA * $ofB);
    }

    /**
     * @param  list<int|float>  $values
     * @return array<int, float> from 1
     */
    private static function ranks(array $values): array
    {
        asort($values);
        $order = array_keys($values);
        $ranks = array_fill(0, count($values), 0.0);
        for ($at = 0, $count = count($order); $at < $count; $at = $next) {
            for ($next = $at + 1; $next < $count && $values[$order[$next]] === $values[$order[$at]]; $next++);
            for ($same = $at; $same < $next; $same++) {
                $ranks[(int) $order[$same]] = ($at + $next + 1) / 2.0;
            }
        }

        return $ranks;
    }
}

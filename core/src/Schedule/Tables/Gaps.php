<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** The stretches of time in which there is as much of something as a need asks for, in order. */
final class Gaps
{
    /** The first instant at or after another from which there is as much for so long. */
    public static function first(State $state, int $need, int $instant, int $minutes): int
    {
        $to = $state->gapTo[$need];
        $count = count($to);
        if ($minutes <= 0) {
            return $instant;
        }
        $from = $state->gapFrom[$need];
        if ($count > 0 && $from[$count - 1] <= $instant) {
            return $instant;
        }
        $low = 0;
        $high = $count;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($to[$middle] <= $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for (; $low < $count; $low++) {
            $start = $from[$low] > $instant ? $from[$low] : $instant;
            if ($minutes <= $to[$low] - $start) {
                return $start;
            }
        }

        return PHP_INT_MAX;
    }

    /** The end of the last stretch in [from, to) in which there is too little; 0 if there is as much throughout. */
    public static function lastBlock(State $state, int $need, int $start, int $end): int
    {
        $from = $state->gapFrom[$need];
        $count = count($from);
        if ($end <= $start || ($count > 0 && $from[$count - 1] <= $start)) {
            return 0;
        }
        $low = 0;
        $high = $count;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($from[$middle] < $end) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        // The last gap that begins before the end: it reaches over all of it, begins within it, or is over before it.
        $last = $low - 1;
        if ($last < 0 || $state->gapTo[$need][$last] < $end) {
            return $from[$low] ?? PHP_INT_MAX;
        }

        return $from[$last] > $start ? $from[$last] : 0;
    }

    /** Takes a stretch of time out of the gaps. */
    public static function take(State $state, int $need, int $from, int $to): void
    {
        $count = count($state->gapTo[$need]);
        $low = 0;
        $high = $count;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($state->gapTo[$need][$middle] <= $from) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for (; $low < $count && $state->gapFrom[$need][$low] < $to; $low++) {
            $begin = $state->gapFrom[$need][$low];
            $end = $state->gapTo[$need][$low];
            if ($begin < $from && $end > $to) {
                array_splice($state->gapFrom[$need], $low + 1, 0, [$to]);
                array_splice($state->gapTo[$need], $low, 0, [$from]);

                return;
            }
            // What is used up stays as a gap of no length: lists are only moved where one is parted in two.
            if ($begin < $from) {
                $state->gapTo[$need][$low] = $from;
            } else {
                $state->gapFrom[$need][$low] = $end < $to ? $end : $to;
            }
        }
    }
}

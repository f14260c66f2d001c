<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Problem\Worker;

/** What one person has to do, in their own working minutes: one thing at a time, over breaks and nights. */
final class Agenda
{
    /** @var list<array{int, int, int|string}> bookings [from, to) in working minutes, in order */
    private array $bookings = [];

    public function __construct(public readonly Worker $worker)
    {
    }

    /**
     * The first gap of a length at or after an instant.
     *
     * @param  int  $work  in minutes, above zero
     * @param  bool  $oneSitting  whether it has to lie within one stretch
     * @return array{int, int|string|null}|null the gap's first working minute, and the activity that ends there if one
     *   had to be waited for; null if no stretch is long enough
     */
    public function gap(int $instant, int $work, bool $oneSitting): ?array
    {
        $calendar = $this->worker->calendar;
        $at = $calendar->worked($instant);
        $behind = null;
        $index = $this->firstEndingAfter($at);
        while (true) {
            [$from, $to, $activity] = $this->bookings[$index] ?? [PHP_INT_MAX, PHP_INT_MAX, null];
            if ($at + $work > $from) {
                if ($to > $at) {
                    [$at, $behind] = [$to, $activity];
                }
                $index++;

                continue;
            }
            if ($oneSitting && ! $calendar->hasSitting($at, $work)) {
                return null;
            }
            $sitting = $oneSitting ? $calendar->sitting($at) : [0, PHP_INT_MAX];
            if ($at + $work <= $sitting[1]) {
                return [$at, $behind];
            }
            $at = $sitting[1];
        }
    }

    public function book(int $from, int $work, int|string $activity): void
    {
        array_splice($this->bookings, $this->firstEndingAfter($from), 0, [[$from, $from + $work, $activity]]);
    }

    private function firstEndingAfter(int $worked): int
    {
        $low = 0;
        $high = count($this->bookings);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->bookings[$middle][1] <= $worked) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}

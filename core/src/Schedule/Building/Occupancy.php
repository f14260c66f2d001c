<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

/** How much of a resource is taken when: a step function of time. */
final class Occupancy
{
    /** @var list<int> instants at which the use changes */
    private array $at = [PHP_INT_MIN];

    /** @var array<int, int> the use from there on */
    private array $used = [0];

    /** @var array<int, int|string> the first activity whose use ends at an instant */
    private array $endings = [];

    public function __construct(public readonly int $capacity)
    {
    }

    /**
     * The instant to which a use of [from, to) has to move to fit, as far as can be seen at once; null if it fits here.
     * An empty stretch fits anywhere.
     *
     * @param  int  $least  minutes that the use takes wherever it stands; shorter gaps are passed over
     */
    public function conflict(int $from, int $to, int $quantity, int $least = 0): ?int
    {
        $free = $this->behind($from, $to, $quantity);
        while ($free !== null && $free !== PHP_INT_MAX && $least > 0) {
            $further = $this->behind($free, $free + $least, $quantity);
            if ($further === null) {
                break;
            }
            $free = $further;
        }

        return $free;
    }

    /** The end of the last stretch in [from, to) that leaves too little; null if all of it fits. */
    private function behind(int $from, int $to, int $quantity): ?int
    {
        $limit = $this->capacity - $quantity;
        $count = count($this->at);
        for ($index = $this->segment($to - 1); $index >= 0; $index--) {
            if ($to > $from && $this->used[$index] > $limit) {
                return $index + 1 < $count ? $this->at[$index + 1] : PHP_INT_MAX;
            }
            if ($this->at[$index] <= $from) {
                break;
            }
        }

        return null;
    }

    public function book(int $from, int $to, int $quantity, int|string $activity): void
    {
        if ($to <= $from) {
            return;
        }
        $first = $this->split($from);
        $last = $this->split($to);
        for ($index = $first; $index < $last; $index++) {
            $this->used[$index] += $quantity;
        }
        $this->endings[$to] ??= $activity;
    }

    /** The activity whose use ends at an instant. */
    public function endingAt(int $instant): int|string|null
    {
        return $this->endings[$instant] ?? null;
    }

    private function split(int $instant): int
    {
        $index = $this->segment($instant);
        if ($this->at[$index] === $instant) {
            return $index;
        }
        array_splice($this->at, $index + 1, 0, [$instant]);
        array_splice($this->used, $index + 1, 0, [$this->used[$index]]);

        return $index + 1;
    }

    private function segment(int $instant): int
    {
        $low = 0;
        $high = count($this->at);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->at[$middle] <= $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low - 1;
    }
}

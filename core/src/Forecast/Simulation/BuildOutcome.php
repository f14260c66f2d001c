<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** When one build was over in the runs, and what that hung on. */
final readonly class BuildOutcome
{
    /** @var list<int> instants, the soonest first */
    public array $sorted;

    /**
     * @param  list<int>  $finishes  run by run
     * @param  list<Hang>  $hangs  what it hung on most often first
     */
    public function __construct(public array $finishes, public array $hangs = [])
    {
        sort($finishes);
        $this->sorted = $finishes;
    }

    /**
     * By when it was over in such a share of the runs; null where it was not in as many, or nothing was drawn.
     *
     * @param  float  $share  above 0, at most 1
     */
    public function by(float $share): ?int
    {
        $instant = $this->sorted[max(0, (int) ceil($share * count($this->sorted) - 1e-9) - 1)] ?? Outcome::NEVER;

        return $instant === Outcome::NEVER ? null : $instant;
    }

    /** The share of the runs in which it was over by an instant. */
    public function chance(int $instant): float
    {
        $count = count($this->sorted);
        [$low, $high] = [0, $count];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $this->sorted[$middle] <= $instant ? [$middle + 1, $high] : [$low, $middle];
        }

        return $count === 0 ? 0.0 : $low / $count;
    }

    /** How far a chance may be off for want of runs: one deviation. */
    public function error(int $instant): float
    {
        $chance = $this->chance($instant);

        return sqrt($chance * (1 - $chance) / max(1, count($this->sorted)));
    }

    public function isKnown(): bool
    {
        return $this->sorted !== [] && $this->sorted[0] !== Outcome::NEVER;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

/** Forward and backward pass over activities of given durations, resources ignored (CALCULATIONS P2). */
final readonly class CriticalPath
{
    /**
     * @param  array<int|string, int>  $earliestStart
     * @param  array<int|string, int>  $latestStart
     */
    private function __construct(public int $length, public array $earliestStart, public array $latestStart)
    {
    }

    /**
     * @param  array<int|string, int>  $durations  by activity, in an order in which predecessors come first
     * @param  array<int|string, list<int|string>>  $predecessors  by activity
     */
    public static function through(array $durations, array $predecessors): self
    {
        $start = [];
        $length = 0;
        foreach ($durations as $id => $duration) {
            $start[$id] = 0;
            foreach ($predecessors[$id] ?? [] as $before) {
                $start[$id] = max($start[$id], $start[$before] + $durations[$before]);
            }
            $length = max($length, $start[$id] + $duration);
        }
        $latest = [];
        $finish = array_fill_keys(array_keys($durations), $length);
        foreach (array_reverse($durations, true) as $id => $duration) {
            $latest[$id] = $finish[$id] - $duration;
            foreach ($predecessors[$id] ?? [] as $before) {
                $finish[$before] = min($finish[$before], $latest[$id]);
            }
        }

        return new self($length, $start, $latest);
    }

    /** By how much an activity may be late without the whole being later. */
    public function totalFloat(int|string $activity): int
    {
        return $this->latestStart[$activity] - $this->earliestStart[$activity];
    }

    /** @return list<int|string> activities without slack, by start */
    public function critical(): array
    {
        $critical = array_filter(
            $this->earliestStart,
            fn (int $start, string|int $id): bool => $this->totalFloat((string) $id) === 0,
            ARRAY_FILTER_USE_BOTH,
        );
        asort($critical);

        return array_map('strval', array_keys($critical));
    }
}

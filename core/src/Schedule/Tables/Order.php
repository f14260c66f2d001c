<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Due;

/**
 * The order in which activities are placed: what is under way first, then what was announced and is kept, then what has
 * to go ahead, then round by round by their keys, the smallest first, as far as links allow; of equals the one that begins
 * a hold. A coat whose window is open follows the one under it at once.
 */
final class Order
{
    /** Keys are instants or positions; the rank stands above them. */
    private const RANK = 41;

    /** @var list<int> by activity */
    private readonly array $rank;

    /** @var list<int|null> by activity: the key of what is under way or announced */
    private readonly array $fixed;

    /** @var list<bool> by activity: whether it begins a hold */
    private readonly array $holds;

    /** @var list<list<int>> by activity: what is placed before it */
    private readonly array $before;

    /** @var list<list<int>> by activity: coats under it whose window is open */
    private readonly array $follows;

    public function __construct(private readonly Tables $tables)
    {
        $this->holds = array_map(static fn (int $minutes): bool => $minutes > 0, $tables->hold);
        $rank = $fixed = $before = $follows = [];
        foreach ($tables->activities as $index => $one) {
            $round = ($tables->problem->dues[$one->build] ?? new Due(null))->round;
            [$rank[], $fixed[]] = match (true) {
                $one->isUnderWay() => [0, $one->holdUntil ?? $one->startedAt],
                $one->announced !== null => [1, $one->announced->end ?? $one->announced->start],
                default => [3 + $round, null],
            };
            $before[] = array_map(
                static fn (int|string $id): int => $tables->index[$id],
                $tables->problem->before[$one->id],
            );
            $after = array_column(array_map(static fn ($window): array => [$window->after], $one->windows), 0);
            $follows[] = array_values(array_filter(
                $before[$index],
                static fn (int $coat): bool => in_array($tables->activities[$coat]->id, $after, true),
            ));
        }
        [$this->rank, $this->fixed, $this->before, $this->follows] = [$rank, $fixed, $before, $follows];
    }

    /**
     * @param  array<int, int>  $keys  by activity, from −2³⁸ to 2³⁸
     * @param  array<int, true>  $ahead
     * @return list<int> activities, each after what stands before it
     */
    public function of(array $keys, array $ahead = []): array
    {
        $middle = 1 << (self::RANK - 1);
        $sorted = $value = [];
        foreach ($this->rank as $index => $rank) {
            $fixed = $this->fixed[$index];
            $rank = $fixed === null && isset($ahead[$index]) ? 2 : $rank;
            // Of two that are as urgent, the one that begins a hold goes first: it waits while others are at work.
            $own = ($rank << self::RANK) + $middle + (($fixed ?? $keys[$index]) << 1) + ($this->holds[$index] ? 0 : 1);
            foreach ($this->follows[$index] as $coat) {
                $own = min($own, $value[$coat]);
            }
            foreach ($this->before[$index] as $before) {
                if ($value[$before] > $own) {
                    $own = $value[$before];
                }
            }
            $value[$index] = $own;
        }
        // Those that are equal then stand as they do in the problem, where what comes before stands before.
        asort($value);

        return array_keys($value);
    }

    /** @return list<int> what is placed before an activity */
    public function before(int $index): array
    {
        return $this->before[$index];
    }

    /** Whether the keys decide about an activity. */
    public function isFree(int $index): bool
    {
        return $this->fixed[$index] === null;
    }

    /**
     * Some activities and all that is placed before them.
     *
     * @param  list<int>  $activities
     * @return array<int, true>
     */
    public function withAllBefore(array $activities): array
    {
        $all = [];
        for ($open = $activities; $open !== [];) {
            $index = array_pop($open);
            if (! isset($all[$index])) {
                $all[$index] = true;
                array_push($open, ...$this->before[$index]);
            }
        }

        return $all;
    }
}

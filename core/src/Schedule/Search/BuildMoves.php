<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Random\Randomizer;
use Regimen\Schedule\Tables\Order;
use Regimen\Schedule\Tables\Tables;

/** Whole builds in another order: ahead, back, in each other's place, or drawn. */
final class BuildMoves
{
    /** @var list<list<int>> by build: its activities that the keys decide about */
    private array $ofBuild;

    public function __construct(
        private readonly Tables $tables,
        Order $order,
        private readonly Randomizer $random,
    ) {
        $this->ofBuild = array_fill(0, count($tables->builds), []);
        foreach ($tables->build as $index => $build) {
            if ($order->isFree($index)) {
                $this->ofBuild[$build][] = $index;
            }
        }
    }

    /**
     * All of a build from one of its activities on, ahead or back by as much.
     *
     * @param  array<int, int>  $keys
     * @return array<int, int>
     */
    public function restShifted(array $keys, int $since, int $by): array
    {
        $from = $keys[$since];
        foreach ($this->ofBuild[$this->tables->build[$since]] as $index) {
            if ($keys[$index] >= $from) {
                $keys[$index] += $by;
            }
        }

        return $keys;
    }

    /**
     * @param  list<int>  $late
     */
    public function any(array $late): int
    {
        return $late !== [] && $this->random->getInt(0, 1) === 0
            ? $late[$this->random->getInt(0, count($late) - 1)]
            : $this->random->getInt(0, count($this->ofBuild) - 1);
    }

    /**
     * A build ahead or back as a whole; one that is late more often than another.
     *
     * @param  array<int, int>  $keys
     * @param  list<int>  $late
     * @return array<int, int>
     */
    public function shifted(array $keys, array $late): array
    {
        $isLate = $late !== [] && $this->random->getInt(0, 1) === 0;
        $build = $isLate
            ? $late[$this->random->getInt(0, count($late) - 1)]
            : $this->random->getInt(0, count($this->ofBuild) - 1);
        $most = max(2, intdiv($this->tables->count, 2));
        $by = Moves::APART * $this->random->getInt(1, $most) * ($isLate || $this->random->getInt(0, 1) === 0 ? -1 : 1);
        $since = $this->random->getInt(0, 1) === 0 ? 0 : Moves::APART * $this->random->getInt(1, $this->tables->count);
        foreach ($this->ofBuild[$build] as $index) {
            if ($keys[$index] >= $since) {
                $keys[$index] += $by;
            }
        }

        return $keys;
    }

    /**
     * Two builds in each other's place.
     *
     * @param  array<int, int>  $keys
     * @param  list<int>  $late
     * @return array<int, int>
     */
    public function swapped(array $keys, array $late): array
    {
        $one = $this->ofBuild[$this->any($late)];
        $other = $this->ofBuild[$this->random->getInt(0, count($this->ofBuild) - 1)];
        if ($one === [] || $other === []) {
            return $keys;
        }
        $first = static fn (array $of): int => min(array_map(static fn (int $index): int => $keys[$index], $of) ?: [0]);
        $by = $first($other) - $first($one);
        foreach ($one as $index) {
            $keys[$index] += $by;
        }
        foreach ($other as $index) {
            $keys[$index] -= $by;
        }

        return $keys;
    }

    /** @return array<int, int> an order that is drawn, builds together more or less */
    public function drawn(): array
    {
        $count = $this->tables->count;
        $of = array_map(fn (): int => $this->random->getInt(0, $count), $this->ofBuild);
        $keys = [];
        for ($index = 0; $index < $count; $index++) {
            $keys[$index] = Moves::APART * ($of[$this->tables->build[$index]] + $this->random->getInt(0, $count));
        }

        return $keys;
    }
}

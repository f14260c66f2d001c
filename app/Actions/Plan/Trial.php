<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\KeepsThePlan;
use App\Models\Build\Build;
use App\Planning\Plan\Planner;
use App\Planning\Plan\ShopDatabase;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\Planned;

/** Makes changes in a copy of the shop and plans it with them; the shop itself is not touched, and nobody waits. */
final readonly class Trial
{
    public function __construct(
        private Planner $planner,
        private ShopDatabase $database,
    ) {
    }

    /**
     * @template T
     *
     * @param  list<Change>  $changes
     * @param  callable(Planned, Planned, Collection<int, Build>, list<string>): T  $look  before, after, open builds of
     *   the copy, what was changed
     * @return T
     */
    public function of(array $changes, callable $look): mixed
    {
        return $this->database->aside(function () use ($changes, $look): mixed {
            $before = $this->planner->inForce();
            [$words, $moves] = $this->make($changes);
            $after = $moves ? $this->compute() : $before;

            return $look($before, $after, Build::query()->open()->orderBy('number')->get()->toBase(), $words);
        });
    }

    /**
     * The plan alone, without what it is compared with.
     *
     * @param  list<Change>  $changes
     */
    public function plan(array $changes): Planned
    {
        return $this->database->aside(function () use ($changes): Planned {
            $this->make($changes);

            return $this->compute();
        });
    }

    /**
     * Whether they can all be made beside each other.
     *
     * @param  list<Change>  $changes
     */
    public function fit(array $changes): void
    {
        $this->database->aside(fn (): array => $this->make($changes));
    }

    private function compute(): Planned
    {
        $this->planner->closeWindows();

        return $this->planner->compute();
    }

    /**
     * @param  list<Change>  $changes
     * @return array{list<string>, bool} in words, and whether any of it may move the plan
     */
    private function make(array $changes): array
    {
        $words = [];
        $moves = false;
        foreach ($changes as $change) {
            $moves = $moves || ! $change instanceof KeepsThePlan || ! $change->isAsPlanned();
            $words[] = $change->words();
            $change->make(null);
        }

        return [$words, $moves];
    }
}

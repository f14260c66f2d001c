<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\KeepsThePlan;
use App\Models\Build\Build;
use App\Planning\Plan\Planner;
use App\Support\ShopDatabase;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\Planned;

/** Makes changes in a copy of the shop and plans it with them; the shop itself is not touched, and nobody waits. */
final readonly class Trial
{
    public function __construct(
        private Planner $planner,
        private Changes $changes,
        private ShopDatabase $database,
    ) {
    }

    /**
     * @template T
     *
     * @param  list<array<string, mixed>>  $bodies
     * @param  callable(Planned, Planned, Collection<int, Build>, list<string>): T  $look  before, after, open builds of
     *   the copy, what was changed
     * @return T
     */
    public function of(array $bodies, callable $look): mixed
    {
        return $this->database->aside(function () use ($bodies, $look): mixed {
            $before = $this->compute();
            [$words, $moves] = $this->make($bodies);
            $after = $moves ? $this->compute() : $before;

            return $look($before, $after, Build::query()->open()->orderBy('number')->get()->toBase(), $words);
        });
    }

    /**
     * The plan alone, without what it is compared with.
     *
     * @param  list<array<string, mixed>>  $bodies
     */
    public function plan(array $bodies): Planned
    {
        return $this->database->aside(function () use ($bodies): Planned {
            $this->make($bodies);

            return $this->compute();
        });
    }

    /**
     * Whether they can all be made beside each other.
     *
     * @param  list<array<string, mixed>>  $bodies
     */
    public function fit(array $bodies): void
    {
        $this->database->aside(fn (): array => $this->make($bodies));
    }

    private function compute(): Planned
    {
        $this->planner->closeWindows();

        return $this->planner->compute();
    }

    /**
     * @param  list<array<string, mixed>>  $bodies
     * @return array{list<string>, bool} in words, and whether any of it may move the plan
     */
    private function make(array $bodies): array
    {
        $words = [];
        $moves = false;
        foreach ($bodies as $body) {
            $change = $this->changes->of($body);
            $moves = $moves || ! $change instanceof KeepsThePlan || ! $change->isAsPlanned();
            $words[] = $change->words();
            $change->make(null);
        }

        return [$words, $moves];
    }
}

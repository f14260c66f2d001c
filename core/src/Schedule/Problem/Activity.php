<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Grid;

/**
 * One open operation as the plan sees it. Work in working minutes, hold in clock minutes, instants in minutes since
 * 1970 UTC.
 */
final readonly class Activity
{
    /**
     * @param  int  $work  set-up and labour by the house standard
     * @param  list<Predecessor>  $predecessors  those that are not in the problem count as over
     * @param  list<Demand>  $demands
     * @param  Release|null  $release  not before this instant; of a hold under way that ends with what comes back, what that is
     * @param  int|null  $worker  the person who has begun it and keeps it
     * @param  int|null  $startedAt  work under way since; the rest goes on as soon as the person is there
     * @param  int|null  $holdUntil  a hold under way, nothing left to do but wait
     * @param  SetUp|null  $setUp  the part of the work that is saved where the station is set the same already
     * @param  list<Window>  $windows
     * @param  list<array{int, int}>  $sittings  when work under way is to be gone on with, where that is not at once and in
     *   one go
     * @param  int  $hands  at the end of the labour, working minutes in which a second person helps
     * @param  int  $alone  after the labour, minutes in which a machine runs by itself: the station stays taken, whoever set it
     *   going is free for other work but in the shop; of a hold under way, what is left of them by the clock
     * @param  bool  $final  whether it cannot be undone: not for whoever has a gentle day
     * @param  list<Release>  $alsoWaits  what else it waits for, which comes no later than its release by the plan
     */
    public function __construct(
        public int|string $id,
        public int|string $build,
        public int $work,
        public int $hold = 0,
        public ?string $skill = null,
        public array $predecessors = [],
        public array $demands = [],
        public ?Release $release = null,
        public bool $oneSitting = false,
        public ?int $worker = null,
        public ?int $startedAt = null,
        public ?int $holdUntil = null,
        public ?SetUp $setUp = null,
        public array $windows = [],
        public ?Pin $pin = null,
        public ?Announced $announced = null,
        public array $sittings = [],
        public int $hands = 0,
        public int $alone = 0,
        public bool $final = false,
        public array $alsoWaits = [],
    ) {
    }

    /**
     * The same on five-minute marks: durations and what is waited for rounded up; a set-up is what it adds to the
     * rounded labour.
     */
    public function onGrid(): self
    {
        $work = Grid::up($this->work);

        return $this->with([
            'work' => $work,
            'hold' => Grid::up($this->hold),
            'hands' => min(Grid::up($this->hands), $work),
            'alone' => Grid::up($this->alone),
            'predecessors' => array_map(
                static fn (Predecessor $one): Predecessor => $one->lag % Grid::MINUTES === 0
                    ? $one
                    : new Predecessor($one->activity, Grid::up($one->lag), $one->lagCause),
                $this->predecessors,
            ),
            'release' => $this->release?->onGrid(),
            'alsoWaits' => array_map(static fn (Release $one): Release => $one->onGrid(), $this->alsoWaits),
            'holdUntil' => $this->holdUntil === null ? null : Grid::up($this->holdUntil),
            'setUp' => $this->setUp === null ? null : new SetUp(
                $this->setUp->key, $work - Grid::up($this->work - $this->setUp->minutes), $this->setUp->station,
            ),
            'windows' => array_map(
                static fn (Window $one): Window => new Window($one->after, $one->minutes, Grid::up($one->sanding)),
                $this->windows,
            ),
            'pin' => $this->pin?->from === null
                ? $this->pin
                : new Pin($this->pin->worker, Grid::up($this->pin->from), $this->pin->until, $this->pin->after),
            'announced' => $this->announced === null
                ? null
                : $this->announced->onGrid(),
        ]);
    }

    /** @return list<Release> all that it waits for, the latest first */
    public function releases(): array
    {
        return $this->release === null ? $this->alsoWaits : [$this->release, ...$this->alsoWaits];
    }

    /** @param  list<Release>  $releases  all that it waits for, in any order */
    public function waitingFor(array $releases): self
    {
        usort($releases, static fn (Release $a, Release $b): int => $b->instant <=> $a->instant);

        return $this->with(['release' => $releases[0] ?? null, 'alsoWaits' => array_slice($releases, 1)]);
    }

    public function isUnderWay(): bool
    {
        return $this->startedAt !== null || $this->holdUntil !== null;
    }

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

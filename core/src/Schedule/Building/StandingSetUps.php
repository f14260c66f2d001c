<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Problem\SetUp;

/**
 * Which settings stand on which station from when on, so that the next one with the same can be done without setting
 * up.
 */
final class StandingSetUps
{
    /** So long, in clock minutes, a station waits as it is set: until the same time tomorrow. */
    private const KEPT = 1_440;

    /** @var array<string, list<array{int, int|string}>> by setting: since when, and by which activity */
    private array $standing = [];

    public function __construct(private readonly Site $site)
    {
    }

    public function stands(SetUp $setUp, ?string $station, int $since, int|string $activity): void
    {
        if ($station !== null) {
            $this->standing["{$station} {$setUp->key}"][] = [$since, $activity];
        }
    }

    /**
     * The best place behind one with the same setting, if it is not later than setting up anew would be.
     *
     * @param  callable(int, int|string): Spot  $search  the place from an instant on, without setting up
     * @return array{Spot, int, int|string}|null the place, since when the station stands, and whose set-up it is
     */
    public function shared(SetUp $setUp, string $station, int $from, int $before, callable $search): ?array
    {
        $best = null;
        foreach ($this->standing["{$station} {$setUp->key}"] ?? [] as [$since, $activity]) {
            if ($since > $before || $since < $from - self::KEPT) {
                continue;
            }
            $spot = $search(max($from, $since), $activity);
            $pays = $spot->end <= ($best === null ? $before : $best[0]->end - 1);
            if ($pays && $spot->start - $since <= self::KEPT && $this->site->isFree($station, $since, $spot->start)) {
                $best = [$spot, $since, $activity];
            }
        }

        return $best;
    }
}

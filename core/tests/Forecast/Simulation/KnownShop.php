<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Simulation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Honesty\Given;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Ratios;
use Regimen\Forecast\Normal;
use Regimen\Forecast\Simulation\Arrival;
use Regimen\Forecast\Simulation\Doubt;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/**
 * A shop whose truth is known, because it was made up: each operation has a bias and a spread of its own that no estimate tells.
 * What really happens is played by a foreman of the tests’ own: whoever is free takes the first thing that is ready. At each
 * order it is forecast from what was known on that day.
 */
final class KnownShop
{
    private const START = 29_558_880;

    private const DAY = 1_440;

    private const KINDS = 12;

    /** Builds before the first that is counted: a shop that has done nothing has nothing to learn from. */
    private const WARM_UP = 6;

    private readonly Randomizer $random;

    /** @var list<int> minutes that are estimated, by operation */
    private array $estimated = [];

    /** @var list<float> what is true: the median of the ratio’s logarithm */
    private array $bias = [];

    /** @var list<float> */
    private array $spread = [];

    /** @var list<int> minutes of hold */
    private array $hold = [];

    /** @var array<string, array{build: int, kind: int, takes: int, start: int, end: int, finish: int}> by operation of a build */
    private array $course = [];

    /** @var list<int> instants at which builds are ordered */
    private array $ordered = [];

    /** @var list<int> instants at which their part comes */
    private array $part = [];

    /** @var list<array{median: float, spread: float, took: float, over: int}> what the runs alone said, and what came */
    private array $raw = [];

    private readonly Calendar $calendar;

    public function __construct(int $seed, private readonly int $builds, private readonly int $people = 2)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->calendar = Calendar::from(WorkingHours::of(array_fill(1, 5, [[480, 720], [750, 1020]]), [], new \DateTimeZone('UTC')), self::START);
        $shop = 0.15 * $this->normal();
        for ($kind = 0; $kind < self::KINDS; $kind++) {
            $this->estimated[] = 5 * $this->random->getInt(12, 140);
            $this->bias[] = $shop + 0.1 + 0.25 * $this->normal();
            $this->spread[] = 0.1 + 0.25 * $this->share();
            $this->hold[] = $kind % 4 === 2 ? 1_440 * $this->random->getInt(1, 3) : 0;
        }
        // As many orders as the shop can just about take, so that builds are in each other’s way.
        $apart = (int) (1.05 * array_sum($this->estimated) / $this->people / 465 * self::DAY * 7 / 5);
        for ($build = 0; $build < self::WARM_UP + $this->builds; $build++) {
            $this->ordered[] = self::START + $build * $apart;
            $this->part[] = $this->ordered[$build] + (int) (self::DAY * exp(log(12) + 0.4 * $this->normal()));
        }
        $this->play();
    }

    /** @return list<Given> what was forecast when builds were ordered, and when they were over */
    public function forecasts(int $runs): array
    {
        $given = $this->raw = [];
        for ($build = self::WARM_UP; $build < self::WARM_UP + $this->builds; $build++) {
            $given[] = $this->forecast($build, $runs);
        }

        return $given;
    }

    private function forecast(int $build, int $runs): Given
    {
        $now = $this->ordered[$build];
        $ratios = new Ratios($this->jobs($now));
        $activities = $doubts = $dues = $keys = $arrivals = [];
        foreach ($this->course as $id => $one) {
            $of = $one['build'];
            if ($this->ordered[$of] > $now || $one['finish'] <= $now) {
                continue;
            }
            $estimated = $this->estimated[$one['kind']];
            $ratio = $ratios->of("k{$one['kind']}", 'hand');
            $isWorked = $one['start'] < $now && $one['end'] > $now;
            $begun = $isWorked ? $this->calendar->between($one['start'], $now) : 0;
            $waits = $one['kind'] === 6 && $this->part[$of] > $now;
            $arrivals["part {$of}"] = new Arrival((new Spread(log(12), 0.4))->quantiles(), 12, max(0, ($now - $this->ordered[$of]) / self::DAY));
            $activities[] = new Activity(
                $id, $of, $isWorked ? max(5, $estimated - min((int) (0.9 * $estimated), $begun)) : ($one['end'] <= $now ? 0 : $estimated), $this->hold[$one['kind']], 'a',
                $one['kind'] === 0 ? [] : [new Predecessor("{$of}.".($one['kind'] - 1))],
                release: $waits ? new Release(max($now, $this->ordered[$of] + 12 * self::DAY), "part {$of}") : null,
                worker: $isWorked ? 1 + array_search($id, $this->busy($now), true) : null, startedAt: $isWorked ? $one['start'] : null,
                holdUntil: $one['end'] <= $now ? $one['finish'] : null,
            );
            $doubts[$id] = new Doubt((new Spread($ratio->log, $ratio->deviation))->quantiles(), "k{$one['kind']}", $ratio->unsure, $estimated, $begun);
            $dues[$of] = new Due(null);
            $keys[$id] = 100 * $of + $one['kind'];
        }
        $workers = array_map(fn (int $id): Worker => new Worker($id, "W{$id}", ['a'], $this->calendar), range(1, $this->people));
        $problem = new Problem($now, $activities, $workers, [], $dues);
        $outcome = (new Runs($problem, new Doubts($doubts, $arrivals, unsure: $ratios->shop()->unsure), $keys, seed: 7 + $build))->outcome($runs, false);
        $raw = $outcome->of($build);
        $finish = $this->course["{$build}.".(self::KINDS - 1)]['finish'];
        $outcome = $outcome->recalibrated(Recalibration::learn(array_values(array_filter($this->raw, static fn (array $one): bool => $one['over'] <= $now))))->of($build);
        $this->raw[] = ['median' => (float) $raw->by(0.5) - $now, 'spread' => Recalibration::spread((float) $raw->by(0.1) - $now, (float) $raw->by(0.9) - $now), 'took' => (float) $finish - $now, 'over' => $finish];
        $by = [];
        foreach ([10, 25, 50, 75, 80, 90] as $share) {
            $by[$share] = (int) $outcome->by($share / 100);
        }
        // Promised as a shop would: for a day that is good in about seven of ten.
        $promise = $by[75] - self::DAY;

        return new Given($by, $finish, $outcome->chance($promise), $finish <= $promise, Builder::byKeys($problem, $keys)->finishOf($build, $problem));
    }

    /** @return list<string> what people are at */
    private function busy(int $now): array
    {
        return array_values(array_keys(array_filter($this->course, static fn (array $one): bool => $one['start'] < $now && $one['end'] > $now)));
    }

    /** @return list<Job> */
    private function jobs(int $now): array
    {
        $jobs = [];
        foreach ($this->course as $one) {
            if ($one['end'] <= $now) {
                $jobs[] = new Job("k{$one['kind']}", 'hand', 0, '', ($now - $one['end']) / 525_960, $this->estimated[$one['kind']], $one['takes']);
            }
        }

        return $jobs;
    }

    /** Whoever is free first takes the first thing that is ready, of the oldest build first. */
    private function play(): void
    {
        $free = array_fill(0, $this->people, self::START);
        $ready = array_fill(0, count($this->ordered), 0);
        $since = $this->ordered;
        for ($left = self::KINDS * count($this->ordered); $left > 0; $left--) {
            [$who, $at, $build] = $this->next($free, $ready, $since);
            $kind = $ready[$build];
            $takes = max(5, (int) round($this->estimated[$kind] * exp($this->bias[$kind] + $this->spread[$kind] * $this->normal())));
            $start = $this->calendar->stretchAt($this->calendar->stretchAfter($at))[0];
            $start = max($at, $start);
            $end = $this->calendar->finish($start, $takes);
            $finish = $end + $this->hold[$kind];
            $this->course["{$build}.{$kind}"] = ['build' => $build, 'kind' => $kind, 'takes' => $takes, 'start' => $start, 'end' => $end, 'finish' => $finish];
            $free[$who] = $end;
            $since[$build] = $finish;
            $ready[$build]++;
            if ($ready[$build] === 6) {
                $since[$build] = max($finish, $this->part[$build]);
            }
        }
        ksort($this->course, SORT_NATURAL);
    }

    /**
     * @param  list<int>  $free
     * @param  array<int, int>  $ready  the operation that comes next, by build
     * @param  array<int, int>  $since  from when on it can be begun
     * @return array{int, int, int} who, when, on which build
     */
    private function next(array $free, array $ready, array $since): array
    {
        $who = (int) array_search(min($free), $free, true);
        $open = array_keys(array_filter($ready, static fn (int $kind): bool => $kind < self::KINDS));
        $soonest = min(array_map(static fn (int $build): int => $since[$build], $open));
        $at = max($free[$who], $soonest);
        foreach ($open as $build) {
            if ($since[$build] <= $at) {
                return [$who, $at, $build];
            }
        }

        throw new \LogicException('Something is ready when it is.');
    }

    private function share(): float
    {
        return $this->random->getInt(1, 999_999) / 1_000_000;
    }

    private function normal(): float
    {
        return Normal::quantile($this->share());
    }
}

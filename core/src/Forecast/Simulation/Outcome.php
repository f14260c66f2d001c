<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Time\Calendar;

/** What came of the runs: when builds were over, and what that hung on. */
final class Outcome
{
    /** What was never over in a run. */
    public const NEVER = PHP_INT_MAX;

    /** What lies on the chain that decides in a smaller share of the runs is not told. */
    private const OFTEN = 0.05;

    public int $runs = 0;

    /** Runs in which it was looked at what builds hung on. */
    public int $traced = 0;

    /** @var list<list<int>> by build: when it was over, run by run */
    private array $finishes;

    /** @var list<array<string, int>> by build: in how many traced runs it hung on something */
    private array $hangs;

    /** @var list<list<int>> by run: what each activity took */
    private array $lengths = [];

    /** @var list<array<int, int>> by traced run: working minutes in each period */
    private array $labour = [];

    /** @param  list<int>  $periods  instants at which periods begin that labour is counted by, the soonest first */
    public function __construct(private readonly Tables $tables, private readonly array $periods = [])
    {
        $this->finishes = $this->hangs = array_fill(0, count($tables->builds), []);
    }

    /** @param  array<int, string>  $causes  what was waited for last, by activity */
    public function add(State $state, bool $isTraced, array $causes = []): void
    {
        $this->runs++;
        $over = array_fill(0, count($this->tables->builds), 0);
        $last = [];
        foreach ($this->tables->build as $index => $build) {
            $finish = $state->finish[$index] ?? self::NEVER;
            if ($finish > $over[$build]) {
                $over[$build] = $finish;
                $last[$build] = $index;
            }
        }
        foreach ($over as $build => $finish) {
            $this->finishes[$build][] = $finish;
        }
        $this->lengths[] = $this->tables->work;
        if (! $isTraced) {
            return;
        }
        $this->traced++;
        if ($this->periods !== []) {
            $this->labour[] = $this->counted($state);
        }
        foreach ($last as $build => $index) {
            foreach ($over[$build] === self::NEVER ? [] : Chain::back($this->tables, $state, $index, $causes) as $what => $true) {
                $this->hangs[$build][$what] = ($this->hangs[$build][$what] ?? 0) + 1;
            }
        }
    }

    /** The same with what past forecasts say about this one. */
    public function recalibrated(Recalibration $by, ?Calendar $shop = null): self
    {
        $other = clone $this;
        foreach ($this->finishes as $build => $finishes) {
            $other->finishes[$build] = $by->of($finishes, $this->tables->now, self::NEVER, $shop);
        }

        return $other;
    }

    /** @throws \OutOfBoundsException for a build that is not in the problem */
    public function of(int|string $build): BuildOutcome
    {
        $index = array_search($build, $this->tables->builds, true);
        if ($index === false) {
            throw new \OutOfBoundsException("Nothing was drawn for the build {$build}.");
        }

        return new BuildOutcome($this->finishes[$index], $this->hangs($index));
    }

    /** @return list<int|string> */
    public function builds(): array
    {
        return $this->tables->builds;
    }

    /**
     * In which share of the runs all builds of some were over when they are due.
     *
     * @param  array<int|string, int>  $due  instant by build
     */
    public function allKept(array $due): float
    {
        $kept = 0;
        $builds = array_flip($this->tables->builds);
        for ($run = 0; $run < $this->runs; $run++) {
            $all = true;
            foreach ($due as $build => $instant) {
                $all = $all && $this->finishes[$builds[$build]][$run] <= $instant;
            }
            $kept += $all ? 1 : 0;
        }

        return $this->runs === 0 ? 0.0 : $kept / $this->runs;
    }

    /**
     * Working minutes in a period in such a share of the runs at most.
     *
     * @param  float  $share  above 0, at most 1
     */
    public function labour(int $period, float $share): int
    {
        $minutes = array_column($this->labour, $period);
        sort($minutes);

        return $minutes[max(0, (int) ceil($share * count($minutes) - 1e-9) - 1)] ?? 0;
    }

    /** @return array<int, int> labour by the period in which it ends */
    private function counted(State $state): array
    {
        $minutes = array_fill(0, count($this->periods), 0);
        $last = count($this->periods) - 1;
        foreach ($state->workEnd as $index => $end) {
            for ($at = $last; $at > 0 && $this->periods[$at] >= $end; $at--);
            $minutes[$at] += $state->work[$index];
        }

        return $minutes;
    }

    /**
     * What a build hung on, in the order of how often; operations with the rank correlation of their length with its finish
     * (their cruciality, CALCULATIONS P10).
     *
     * @return list<Hang>
     */
    private function hangs(int $build): array
    {
        $hangs = [];
        arsort($this->hangs[$build]);
        foreach ($this->hangs[$build] as $what => $times) {
            if ($times < self::OFTEN * $this->traced) {
                break;
            }
            [$kind, $key] = explode(' ', $what, 2);
            $kind = HangKind::from($kind);
            $activity = $kind === HangKind::Operation ? (int) $key : null;
            $hangs[] = new Hang(
                $kind, $activity === null ? $key : (string) $this->tables->activities[$activity]->id, $times / max(1, $this->traced),
                $activity === null ? null : Rank::correlation(array_column($this->lengths, $activity), $this->finishes[$build]),
            );
        }

        return $hangs;
    }
}

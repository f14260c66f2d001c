<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Random\Randomizer;
use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Building\Schedule;
use Regimen\Schedule\Tables\Order;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Tables\Wait;

/**
 * What is tried on a schedule: that what waits for another goes first or is done by somebody else, a build ahead or
 * back, one activity elsewhere, what shares a setting put together.
 */
final class Moves
{
    /** Keys of neighbours in the list lie so far apart. */
    public const APART = 1_024;

    /** What another one has that is waited for: it could go behind, or be somebody else’s. */
    private const WAITS = [Wait::PERSON, Wait::RESOURCE, Wait::SITTING, Wait::HANDS];

    /** @var list<list<int>> activities that could share a set-up */
    private array $settings = [];

    /** @var list<int> activities that more than one person may do */
    private array $open = [];

    private readonly BuildMoves $builds;

    public function __construct(
        private readonly Tables $tables,
        private readonly Order $order,
        private readonly Randomizer $random,
    ) {
        $this->builds = new BuildMoves($tables, $order, $random);
        $settings = [];
        foreach ($tables->activities as $index => $activity) {
            if (! $order->isFree($index)) {
                continue;
            }
            if ($activity->setUp !== null) {
                $settings[$activity->setUp->key][] = $index;
            }
            if (count($tables->able[$index]) > 1 && $tables->work[$index] > 0) {
                $this->open[] = $index;
            }
        }
        $this->settings = array_values(array_filter($settings, static fn (array $same): bool => count($same) > 1));
    }

    /**
     * Away from where nothing helps any more: several changes at once, more of them each time, and now and then an order
     * that is drawn.
     *
     * @param  list<int>  $late  builds that miss their promise
     * @param  int  $times  how often that was tried since something helped
     */
    public function away(Schedule $schedule, array $late, int $times): Candidate
    {
        if ($times % 4 === 3) {
            return $schedule->candidate->with($this->builds->drawn(), []);
        }
        $candidate = $schedule->candidate->with($this->positions($schedule), $schedule->candidate->people);
        for ($more = 1 + $this->random->getInt(1, 3 + $times); $more > 0; $more--) {
            $candidate = $this->changed($schedule, $candidate->keys, $candidate->people, $late);
        }

        return $candidate;
    }

    /** @param  list<int>  $late  builds that miss their promise */
    public function next(Schedule $schedule, array $late): Candidate
    {
        return $this->changed($schedule, $this->positions($schedule), $schedule->candidate->people, $late);
    }

    /**
     * @param  array<int, int>  $keys
     * @param  array<int, int>  $people
     * @param  list<int>  $late
     */
    private function changed(Schedule $schedule, array $keys, array $people, array $late): Candidate
    {
        $kind = $this->random->getInt(0, 99);

        return match (true) {
            $kind < 55 => $this->unblocked($schedule, $keys, $people, $late),
            $kind < 64 => $schedule->candidate->with($this->builds->shifted($keys, $late), $people),
            $kind < 70 => $schedule->candidate->with($this->builds->swapped($keys, $late), $people),
            $kind < 76 && $this->settings !== [] => $schedule->candidate->with($this->together($keys), $people),
            $kind < 84 && $this->open !== [] => $schedule->candidate->with($keys, $this->otherPerson($schedule, $people)),
            default => $schedule->candidate->with($this->inserted($keys), $people),
        };
    }

    /** @return array<int, int> the keys that give the list as it is, by activity */
    private function positions(Schedule $schedule): array
    {
        $keys = array_fill(0, $this->tables->count, 0);
        foreach ($schedule->list as $position => $index) {
            $keys[$index] = self::APART * ($position + 1);
        }

        return $keys;
    }

    /**
     * One of the waits on the way to a build's finish is taken away.
     *
     * @param  array<int, int>  $keys
     * @param  array<int, int>  $people
     * @param  list<int>  $late
     */
    private function unblocked(Schedule $schedule, array $keys, array $people, array $late): Candidate
    {
        $waits = $this->waits($schedule->state, $this->builds->any($late));
        if ($waits === []) {
            return $this->open !== [] && $this->random->getInt(0, 1) === 0
                ? $schedule->candidate->with($keys, $this->otherPerson($schedule, $people))
                : $schedule->candidate->with($this->inserted($keys), $people);
        }
        [$index, $other, $wait] = $waits[$this->random->getInt(0, count($waits) - 1)];
        $isPerson = $wait === Wait::PERSON;
        $how = $isPerson ? $this->random->getInt(0, 2) : 0;
        if ($how > 0) {
            $who = $how === 1 ? $index : $other;
            $able = $this->tables->able[$who];
            if (count($able) > 1 && $this->order->isFree($who)) {
                $now = $schedule->state->person[$who];
                $others = array_values(array_filter($able, static fn (int $one): bool => $one !== $now));
                $people[$who] = $others[$this->random->getInt(0, count($others) - 1)];

                return $schedule->candidate->with($keys, $people);
            }
        }

        return $schedule->candidate->with(match ($this->random->getInt(0, 2)) {
            0 => $this->goesBefore($keys, $index, $other),
            1 => $this->builds->restShifted($keys, $index, $keys[$other] - $keys[$index] - 1),
            default => $this->builds->restShifted($keys, $other, $keys[$index] - $keys[$other] + 1),
        }, $people);
    }

    /**
     * @param  array<int, int>  $keys
     * @return array<int, int>
     */
    private function goesBefore(array $keys, int $index, int $other): array
    {
        $ahead = $keys[$other] - 1;
        for ($open = [$index]; $open !== [];) {
            $next = array_pop($open);
            if ($keys[$next] > $ahead) {
                $keys[$next] = $ahead;
                array_push($open, ...$this->order->before($next));
            }
        }

        return $keys;
    }

    /**
     * What waits, on the way to the end of a build, for a person or a resource that another one has.
     *
     * @return list<array{int, int, int}> which, for which other, and for what
     */
    private function waits(State $state, int $build): array
    {
        $at = -1;
        foreach ($this->tables->build as $index => $of) {
            if ($of === $build && isset($state->finish[$index])) {
                $at = $at < 0 || $state->finish[$index] > $state->finish[$at] ? $index : $at;
            }
        }
        $waits = $seen = [];
        while ($at >= 0 && isset($state->finish[$at]) && ! isset($seen[$at])) {
            $seen[$at] = true;
            $for = $state->for[$at];
            $wait = $state->wait[$at];
            if (in_array($wait, self::WAITS, true) && $for >= 0 && $this->order->isFree($at)) {
                $waits[] = [$at, $for, $wait];
            }
            $at = $for;
        }

        return $waits;
    }

    /**
     * What needs the same setting, one after the other, as soon as the most urgent of them.
     *
     * @param  array<int, int>  $keys
     * @return array<int, int>
     */
    private function together(array $keys): array
    {
        $same = $this->settings[$this->random->getInt(0, count($this->settings) - 1)];
        $first = PHP_INT_MAX;
        foreach ($same as $index) {
            $first = min($first, $keys[$index]);
        }
        foreach ($same as $index) {
            $keys[$index] = $first;
        }

        return $keys;
    }

    /**
     * @param  array<int, int>  $people
     * @return array<int, int>
     */
    private function otherPerson(Schedule $schedule, array $people): array
    {
        $index = $this->open[$this->random->getInt(0, count($this->open) - 1)];
        $able = $this->tables->able[$index];
        $now = $schedule->state->person[$index] ?? -1;
        $others = array_values(array_filter($able, static fn (int $one): bool => $one !== $now));
        if (isset($people[$index]) && $this->random->getInt(0, 2) === 0) {
            unset($people[$index]);
        } else {
            $people[$index] = $others[$this->random->getInt(0, count($others) - 1)];
        }

        return $people;
    }

    /**
     * @param  array<int, int>  $keys
     * @return array<int, int>
     */
    private function inserted(array $keys): array
    {
        $index = $this->random->getInt(0, $this->tables->count - 1);
        $span = max(2, intdiv($this->tables->count, 6));
        $keys[$index] += self::APART * $this->random->getInt(-$span, $span) + 1;

        return $keys;
    }
}

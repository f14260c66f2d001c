<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\Assert;
use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Building\Schedules;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Tables\Tables;

/**
 * Stretches in which somebody has nothing to do although they are there, and what is said to be the cause: with that cause
 * taken away, and planned again in the same order, what comes after the stretch has to begin sooner, or something else that
 * waited for it in turn.
 */
final class IdleStretches
{
    private const DAYS = 3;

    private const AT_ONCE = 3;

    public static function judge(Problem $problem, Plan $plan, string $which): int
    {
        $count = 0;
        foreach ($problem->workers as $worker) {
            foreach (self::of($worker, $problem, $plan) as [$since, $next]) {
                $count++;
                Assert::assertTrue(
                    self::isLedBack($worker, $problem, $plan, $since, $next),
                    "{$which}: {$worker->name} is idle before {$next->activity}, because of {$next->reason->kind->value} "
                        ."{$next->reason->activity} {$next->reason->resource} {$next->reason->cause}",
                );
            }
        }

        return $count;
    }

    /** Where two things are in the way at once, the second is named when the first is taken away; not more than three. */
    private static function isLedBack(Worker $worker, Problem $problem, Plan $plan, int $since, Assignment $next): bool
    {
        $named = $next;
        for ($step = 0; $step < self::AT_ONCE; $step++) {
            foreach (self::without($problem, $named) as $without) {
                $again = self::again($without, $plan);
                if (
                    $again->assignments[$next->activity]->start < $next->start
                    || self::isAtWork($worker, $again, $since, $next->start)
                ) {
                    return true;
                }
            }
            [$problem, $named] = [$without, $again->assignments[$next->activity]];
        }

        return false;
    }

    /** @return list<array{int, Assignment}> since when, and what follows, of each stretch of more than an hour in the first days */
    private static function of(Worker $worker, Problem $problem, Plan $plan): array
    {
        $until = $problem->now + 1_440 * self::DAYS;
        $busy = [];
        foreach ($plan->assignments as $one) {
            if ($one->worker === $worker->id && $one->work > 0) {
                foreach ($one->sittings ?: [[$one->start, $one->workEnd]] as [$from, $to]) {
                    $busy[] = [$from, $to, $from === $one->start ? $one : null];
                }
            }
            if ($one->helper === $worker->id) {
                $busy[] = [(int) $one->helpsFrom, $one->workEnd, null];
            }
        }
        usort($busy, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $after = [];
        $at = $problem->now;
        foreach ($busy as [$from, $to, $one]) {
            $idle = min($from, $until) > $at ? $worker->calendar->between($at, min($from, $until)) : 0;
            if ($idle > 60 && $one !== null) {
                $after[] = [$at, $one];
            }
            $at = max($at, $to);
        }

        return $after;
    }

    /** Whether somebody begins something within a stretch. */
    private static function isAtWork(Worker $worker, Plan $plan, int $from, int $to): bool
    {
        foreach ($plan->assignments as $one) {
            foreach ($one->worker === $worker->id && $one->work > 0 ? $one->sittings ?: [[$one->start, $one->workEnd]] : [] as [$start]) {
                if ($start >= $from && $start < $to) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return non-empty-list<Problem> the same shop without what is said to be the cause; of a station that is taken also with more of it */
    private static function without(Problem $problem, Assignment $one): array
    {
        $activity = $problem->activities[$one->activity];
        $reason = $one->reason;
        $changed = static fn (array $how): Problem => $problem->with(
            ['activities' => array_replace($problem->activities, [$activity->id => $activity->with($how)])],
        );

        $without = match ($reason->kind) {
            ReasonKind::Release => $changed(['release' => null]),
            ReasonKind::Pin => $changed(['pin' => null]),
            ReasonKind::Announced => $changed(['announced' => null]),
            ReasonKind::Window => self::everywhere($problem, ['windows' => []]),
            ReasonKind::SetUp => $changed(['setUp' => null]),
            ReasonKind::Sitting => $changed(['oneSitting' => false]),
            ReasonKind::Hands => $changed(['hands' => 0]),
            ReasonKind::Hours => $problem->with(['hours' => array_diff_key($problem->hours, [(string) $reason->resource => true])]),
            ReasonKind::Outage, ReasonKind::Climate => $problem->with(['outages' => array_values(array_filter(
                $problem->outages, static fn (Outage $outage): bool => $outage->resource !== $reason->resource,
            ))]),
            // What is named is done: neither its labour nor its hold nor what it takes is in the way any more.
            ReasonKind::Link, ReasonKind::Lag, ReasonKind::Resource, ReasonKind::Person, ReasonKind::Calendar => $problem->with(['activities' => array_diff_key(
                $problem->activities, [(string) $reason->activity => true],
            )]),
            default => $problem,
        };

        return $reason->kind !== ReasonKind::Resource ? [$without] : [$without, $problem->with(['capacities' => array_replace(
            $problem->capacities, [(string) $reason->resource => 9 + $problem->capacities[(string) $reason->resource]],
        )])];
    }

    /** @param  array<string, mixed>  $how */
    private static function everywhere(Problem $problem, array $how): Problem
    {
        return $problem->with(['activities' => array_map(
            static fn (Activity $one): Activity => $one->with($how), $problem->activities,
        )]);
    }

    /** In the same order, by the same people. */
    private static function again(Problem $problem, Plan $plan): Plan
    {
        $keys = $people = [];
        foreach ($plan->assignments as $id => $one) {
            $keys[$id] = (int) $one->position;
            if ($one->worker !== null) {
                $people[$id] = $one->worker;
            }
        }
        $schedules = new Schedules(new Tables($problem));

        return $schedules->plan($schedules->best(Candidate::of($schedules->tables, $keys, $people)));
    }
}

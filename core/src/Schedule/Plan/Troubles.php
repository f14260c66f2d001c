<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Calendar;
use Regimen\Units\Duration;

/** Goes over a plan for what could not be done as it was asked: it is planned as well as can be, and reported. */
final class Troubles
{
    /** @return list<Trouble> */
    public static function find(Problem $problem, Plan $plan): array
    {
        $troubles = [];
        foreach ($problem->dues as $build => $due) {
            if ($due->instant !== null && $due->instant < $problem->now) {
                $troubles[] = new Trouble(
                    'promise',
                    null,
                    (string) $build,
                    'Its promise lies before today. Move the promise, with the client’s word for it.',
                );
            }
        }
        foreach ($problem->activities as $id => $activity) {
            if (isset($plan->unplanned[$id])) {
                $troubles[] = new Trouble('unplanned', $activity->id, $activity->build, $plan->unplanned[$id]->why);

                continue;
            }
            $words = [
                ...self::pin($problem, $activity, $plan->assignments[$id]),
                ...self::sitting($problem, $activity, $plan->assignments[$id]),
                ...self::windows($activity, $plan->assignments[$id]),
            ];
            foreach ($words as [$kind, $word]) {
                $troubles[] = new Trouble($kind, $activity->id, $activity->build, $word);
            }
        }

        return $troubles;
    }

    /** @return list<array{string, string}> */
    private static function pin(Problem $problem, Activity $activity, Assignment $planned): array
    {
        $words = [];
        $pin = $activity->pin;
        if (in_array($activity->id, $problem->circular, true)) {
            $words[] = [
                'pin',
                'It is pinned behind something that itself has to wait for it. The pin is left out; take it away, or '
                    .'pin the other one.',
            ];
        }
        if (
            $pin?->worker !== null
            && $activity->work > 0
            && $planned->worker !== $pin->worker
            && $activity->worker === null
        ) {
            $words[] = [
                'pin',
                'The person it is pinned to does not work in the shop or has not the skill for it, so that somebody '
                    .'else is planned. Pin it to another person, or give them the skill.',
            ];
        }
        if ($pin?->until !== null && ! $activity->isUnderWay() && $planned->start >= $pin->until) {
            $words[] = [
                'pin',
                'It cannot be begun on the day it is pinned to; it is planned as soon after as it can be. Its reason '
                    .'says what is in the way.',
            ];
        }

        return $words;
    }

    /** @return list<array{string, string}> */
    private static function sitting(Problem $problem, Activity $activity, Assignment $planned): array
    {
        if (! $activity->oneSitting || $activity->isUnderWay() || $planned->worker === null) {
            return [];
        }
        $longest = 0;
        foreach ($problem->workers as $worker) {
            if ($worker->id === $planned->worker && ! self::isBroken($worker->calendar, $planned)) {
                return [];
            }
            if ($activity->skill === null || in_array($activity->skill, $worker->skills, true)) {
                $longest = max($longest, $worker->calendar->longestSitting($planned->start));
            }
        }
        $fixed = $activity->pin?->worker !== null || $activity->announced?->worker !== null;
        $who = $fixed
            ? 'the person it is given to does not work as long without a break'
            : 'nobody who can do it works longer than '.Duration::ofMinutes($longest).' without a break';

        return [
            [
                'sitting',
                'It takes '.Duration::ofMinutes($planned->work)
                    ." in one sitting, and {$who}. It is planned over a break: split it, or lengthen somebody’s "
                        .'stretch.',
            ],
        ];
    }

    /** Whether somebody's work on it goes over a break or a night. */
    private static function isBroken(Calendar $calendar, Assignment $planned): bool
    {
        $begins = $calendar->worked($planned->start);

        return $begins + $planned->work > $calendar->sitting($begins)[1];
    }

    /** @return list<array{string, string}> */
    private static function windows(Activity $activity, Assignment $planned): array
    {
        $words = [];
        foreach ($planned->missed as $window) {
            $words[] = ['window', $window->sanding === 0
                ? 'It begins later after the operation before than it may. Bring people or hours to it, or give that '
                    .'operation a later day.'
                : 'The coat under it will have closed before it begins: '.Duration::ofMinutes($window->sanding)
                    .' of sanding are planned in. Pin the coats to following days to spare them.'];
        }

        return $words;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Tables\State;

/** What two schedules have in common, so that it need not be built twice. */
final class Alike
{
    /**
     * Between which positions a candidate differs from a schedule.
     *
     * @param  list<int>  $list
     * @param  array<int, int>  $people
     * @param  array<int, int>  $heldBack
     * @return array{int, int} the first and the last; behind the end and before the beginning where they are the same
     */
    public static function between(array $list, array $people, array $heldBack, Schedule $like): array
    {
        $theirs = $like->candidate->people;
        $differs = static fn (int $at): bool => $list[$at] !== $like->list[$at]
            || ($people[$list[$at]] ?? -1) !== ($theirs[$list[$at]] ?? -1)
            || ($heldBack[$list[$at]] ?? 0) !== ($like->heldBack[$list[$at]] ?? 0);
        $count = count($list);
        for ($first = 0; $first < $count && ! $differs($first); $first++);
        for ($last = $count - 1; $last > $first && ! $differs($last); $last--);

        return [$first, $last];
    }

    /**
     * Whether everything that was placed since stands where it did before: then so does all that follows.
     *
     * @param  list<int>  $list
     */
    public static function areStates(State $state, State $other, array $list, int $first, int $last): bool
    {
        for ($at = $first; $at <= $last; $at++) {
            $index = $list[$at];
            if (
                ($state->start[$index] ?? -1) !== ($other->start[$index] ?? -1)
                || ($state->finish[$index] ?? -1) !== ($other->finish[$index] ?? -1)
                || ($state->person[$index] ?? -1) !== ($other->person[$index] ?? -1)
                || ($state->shares[$index] ?? -1) !== ($other->shares[$index] ?? -1)
                || ($state->sittings[$index] ?? []) !== ($other->sittings[$index] ?? [])
                || ($state->helper[$index] ?? []) !== ($other->helper[$index] ?? [])
                || ($state->runsUntil[$index] ?? 0) !== ($other->runsUntil[$index] ?? 0)
            ) {
                return false;
            }
        }

        return true;
    }
}

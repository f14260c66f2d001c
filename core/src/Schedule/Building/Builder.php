<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Tables\Tables;

/** One plan, in an order that is given or by urgency: what the search begins with. */
final class Builder
{
    /**
     * By keys, the smallest first. Only if a pin to a day would be missed so, what it needs goes ahead of everything.
     *
     * @param  array<int|string, int>  $keys  by activity
     */
    public static function byKeys(Problem $problem, array $keys): Plan
    {
        $schedules = new Schedules(new Tables($problem));

        return $schedules->plan($schedules->best(Candidate::of($schedules->tables, $keys)));
    }

    /**
     * @param  list<Activity>|null  $order  every predecessor before its successors; the usual priority if none is
     *   given
     */
    public static function plan(Problem $problem, ?array $order = null): Plan
    {
        if ($order === null) {
            return self::byKeys($problem, Priority::keys($problem));
        }
        $positions = array_flip(array_map(static fn (Activity $one): int|string => $one->id, $order));

        return self::byKeys($problem, $positions);
    }
}

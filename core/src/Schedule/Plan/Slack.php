<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Time\WorkingHours;

/** The working days between the planned finish and the promise. */
final class Slack
{
    /**
     * Working days after the finish's day up to and with the promise's day; negative the other way round; 0 on the day.
     *
     * @param  string  $finish  YYYY-MM-DD in the shop's zone
     * @param  string  $promise  YYYY-MM-DD
     */
    public static function inDays(string $finish, string $promise, WorkingHours $hours): int
    {
        if ($promise < $finish) {
            return -self::inDays($promise, $finish, $hours);
        }
        $days = 0;
        for ($day = new \DateTimeImmutable($finish); $day->format('Y-m-d') < $promise;) {
            $day = $day->modify('+1 day');
            $days += $hours->on($day->format('Y-m-d')) === [] ? 0 : 1;
        }

        return $days;
    }
}

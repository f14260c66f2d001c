<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;

/** Instants as the core counts them, in minutes since 1970 UTC, and back. */
final class Minutes
{
    public static function of(\DateTimeInterface $instant): int
    {
        return intdiv($instant->getTimestamp(), 60);
    }

    public static function toInstant(int $minutes): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($minutes * 60);
    }

    /** The first minute of a local day. */
    public static function ofDay(string $date, \DateTimeZone $zone): int
    {
        return self::of(new \DateTimeImmutable($date, $zone));
    }

    /** The last minute of a local day, when a promise for it runs out. */
    public static function endOfDay(string $date, \DateTimeZone $zone): int
    {
        return self::of(new \DateTimeImmutable("{$date} +1 day", $zone)) - 1;
    }
}

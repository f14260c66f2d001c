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

    /** As a column has it, `2026-03-18 07:05:00` in UTC: a page reads thousands, of few days. */
    public static function ofColumn(string $text): int
    {
        /** @var array<string, int> $days */
        static $days = [];
        $day = substr($text, 0, 10);
        if (count($days) > 20_000) {
            $days = [];
        }
        $days[$day] ??= intdiv((int) strtotime("{$day} UTC"), 60);

        return $days[$day] + 60 * (int) substr($text, 11, 2) + (int) substr($text, 14, 2);
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

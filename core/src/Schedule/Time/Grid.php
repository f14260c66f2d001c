<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

/**
 * The five-minute marks that plans speak in (CALCULATIONS P1): times fall on them, durations are rounded up to them.
 */
final class Grid
{
    public const MINUTES = 5;

    public static function up(int $minutes): int
    {
        return -self::down(-$minutes);
    }

    public static function down(int $minutes): int
    {
        return $minutes - (($minutes % self::MINUTES) + self::MINUTES) % self::MINUTES;
    }
}

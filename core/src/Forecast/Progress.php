<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Units\Duration;

/** What an operation has earned of its planned hours. */
final class Progress
{
    /**
     * Work under way never counts as more than this share of its plan: only finishing it earns the rest (common
     * practice).
     */
    public const UNDER_WAY_AT_MOST = 0.9;

    public static function earned(Duration $planned, Duration $worked, bool $labourDone): Duration
    {
        if ($labourDone) {
            return $planned;
        }

        return Duration::ofMinutes((int) min($worked->minutes, floor($planned->minutes * self::UNDER_WAY_AT_MOST)));
    }

    /** What is left to plan of an operation under way: never less than the share that only finishing earns. */
    public static function remaining(Duration $planned, Duration $worked): Duration
    {
        return Duration::ofMinutes($planned->minutes - self::earned($planned, $worked, false)->minutes);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

/**
 * At which hours of the day the air was lately such that the house does not work in it: sprays, or closes a box. An hour is closed where it was
 * outside the limits on every day on which it was read, on two days at least; of what was not read nothing is said.
 */
final class SprayHours
{
    private const DAYS = 2;

    /**
     * @param  iterable<array{string, int, Climate}>  $readings  local day, hour 0 to 23, air
     * @return array<int, string> why, by closed hour
     */
    public static function closed(iterable $readings, AirLimits $limits): array
    {
        $refused = $days = [];
        foreach ($readings as [$day, $hour, $climate]) {
            $days[$hour][$day] = true;
            $why = $limits->against($climate);
            if ($why !== null) {
                $refused[$hour][$day] = $why;
            }
        }
        $closed = [];
        foreach ($refused as $hour => $by) {
            if (count($by) === count($days[$hour]) && count($by) >= self::DAYS) {
                $closed[$hour] = end($by);
            }
        }
        ksort($closed);

        return $closed;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/** A centre line by what is read on both sides of it (CALCULATIONS B2). */
final class CentreLine
{
    /** @return float how far the middle lies towards the bass side, in mm: half of what the two differ by */
    public static function offset(float $bass, float $treble): float
    {
        return ($bass - $treble) / 2;
    }

    /**
     * @param  float  $near  offset at one station, in mm
     * @param  float  $far  offset at the other
     * @param  float  $apart  how far the two are apart, in mm, above zero
     * @return float degrees, towards the bass side above zero
     */
    public static function angle(float $near, float $far, float $apart): float
    {
        if ($apart <= 0.0) {
            throw new \InvalidArgumentException('Two stations in one place give no angle.');
        }

        return rad2deg(atan(($far - $near) / $apart));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Electronics;

/** The series of preferred values (CALCULATIONS E3; IEC 60063). */
final class PreferredValues
{
    /** The historic rounding of IEC 60063 for up to 24 values a decade. */
    private const E24 = [
        1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5,
        8.2, 9.1,
    ];

    /**
     * @param  int  $series  6, 12 or 24
     * @return list<float> from 1 to below 10
     */
    public static function series(int $series): array
    {
        $step = intdiv(24, $series);

        return array_values(
            array_filter(self::E24, static fn (int $index): bool => $index % $step === 0, ARRAY_FILTER_USE_KEY),
        );
    }

    /** The value of the series that is nearest in proportion. */
    public static function nearest(float $value, int $series): float
    {
        $decade = 10 ** floor(log10($value));
        $best = 0.0;
        foreach ([...self::series($series), 10.0] as $step) {
            if ($best === 0.0 || abs(log($step * $decade / $value)) < abs(log($best / $value))) {
                $best = $step * $decade;
            }
        }

        return $best;
    }
}

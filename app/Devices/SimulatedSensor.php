<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;
use Regimen\Route\Air\Climate;

/**
 * Stands in for a sensor on the wall: a heated shop through the year and the day, the same reading for the same minute.
 */
final class SimulatedSensor implements ClimateSensor
{
    public function name(): string
    {
        return 'simulated sensor';
    }

    public function read(CarbonImmutable $at): Climate
    {
        $year = sin(2 * M_PI * ((int) $at->format('z') - 110) / 365);
        $day = sin(2 * M_PI * ((int) $at->format('G') + (int) $at->format('i') / 60 - 9) / 24);

        return new Climate(round(22.0 + 1.8 * $year + 0.9 * $day, 1), round(48.0 + 7.0 * $year - 3.0 * $day, 1));
    }
}

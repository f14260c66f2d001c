<?php

declare(strict_types=1);

namespace App\Devices;

use Regimen\Units\Length;

/**
 * Stands in for a caliper on a cable: it wavers by two hundredths, slips at times by a few tenths when its jaws lie askew, keeps
 * its zero and its unit, and types a sign and leading noughts. The same number of readings gives the same ones again.
 */
final class SimulatedCaliper implements Caliper
{
    private const WAVERS_MM = 0.02;

    private const SLIPS_EVERY = 11;

    private const SLIPS_MM = 0.24;

    public function __construct(public bool $inInches = false, public float $zero = 0.0, public int $readings = 0)
    {
    }

    public function name(): string
    {
        return 'simulated caliper';
    }

    public function changeUnit(): void
    {
        $this->inInches = ! $this->inInches;
    }

    public function zero(float $mm): void
    {
        $this->zero = $mm;
    }

    public function read(float $mm): CaliperReading
    {
        $this->readings++;
        // Between 0 and 1, by the number of the reading alone.
        $chance = hexdec(substr(hash('sha256', "caliper {$this->readings}"), 0, 6)) / 0xFFFFFF;
        $slip = $this->readings % self::SLIPS_EVERY === 0 ? self::SLIPS_MM : 0.0;
        $read = $mm - $this->zero + self::WAVERS_MM * (2 * $chance - 1) + $slip;

        return $this->inInches
            ? new CaliperReading(sprintf('%.4f', $read / Length::MM_PER_INCH), 'in', sprintf('%+08.4f in', $read / Length::MM_PER_INCH))
            : new CaliperReading(sprintf('%.2f', $read), 'mm', sprintf('%+08.2f mm', $read));
    }
}

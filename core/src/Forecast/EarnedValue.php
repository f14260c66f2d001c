<?php

declare(strict_types=1);

namespace Regimen\Forecast;

/**
 * Earned value (CALCULATIONS P6; terms of ANSI/EIA-748), in hours or in money, as long as all four are the same.
 *
 * An index whose divisor is zero is not known yet and is null.
 */
final readonly class EarnedValue
{
    public float $scheduleVariance;

    public float $costVariance;

    /** SPI, schedule performance index: earned for each hour planned by now */
    public ?float $scheduleIndex;

    /** CPI, cost performance index: earned for each hour worked */
    public ?float $costIndex;

    /** EAC, expected total at completion: BAC / CPI */
    public ?float $atCompletion;

    /** ETC, expected still to come */
    public ?float $toComplete;

    /** VAC, variance at completion: BAC − EAC */
    public ?float $varianceAtCompletion;

    /** TCPI, the index that the rest would need to end at BAC */
    public ?float $toCompleteIndex;

    /**
     * @param  float  $budget  BAC: all that is planned
     * @param  float  $planned  PV: planned to be done by now
     * @param  float  $earned  EV: planned for what is done
     * @param  float  $actual  AC: really spent
     *
     * @throws \InvalidArgumentException below zero
     */
    public function __construct(public float $budget, public float $planned, public float $earned, public float $actual)
    {
        if (min($budget, $planned, $earned, $actual) < 0) {
            throw new \InvalidArgumentException('Earned value is computed from amounts that are zero or more.');
        }
        $this->scheduleVariance = $earned - $planned;
        $this->costVariance = $earned - $actual;
        $this->scheduleIndex = $planned > 0 ? $earned / $planned : null;
        $this->costIndex = $actual > 0 && $earned > 0 ? $earned / $actual : null;
        $this->atCompletion = $this->costIndex === null ? null : $budget / $this->costIndex;
        $this->toComplete = $this->atCompletion === null ? null : $this->atCompletion - $actual;
        $this->varianceAtCompletion = $this->atCompletion === null ? null : $budget - $this->atCompletion;
        $this->toCompleteIndex = $budget > $actual ? ($budget - $earned) / ($budget - $actual) : null;
    }
}

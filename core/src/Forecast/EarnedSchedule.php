<?php

declare(strict_types=1);

namespace Regimen\Forecast;

/**
 * Earned schedule (CALCULATIONS P14): when as much was planned to be earned as is earned now. Unlike SPI in hours it still tells
 * lateness when nearly all is done.
 */
final readonly class EarnedSchedule
{
    /**
     * @param  float  $periods  ES: periods of the plan that are earned
     * @param  float  $passed  AT: periods that have passed
     */
    private function __construct(public float $periods, public float $passed)
    {
    }

    /**
     * ES = C + (EV − PV_C)/(PV_{C+1} − PV_C), C the last period whose planned value is earned.
     *
     * @param  list<int|float>  $planned  value that was planned to be earned by the end of each period, never falling
     * @param  float  $earned  by now
     * @param  float  $passed  periods that have passed, above zero
     *
     * @throws \InvalidArgumentException for what was planned to fall, or where no time has passed
     */
    public static function of(array $planned, float $earned, float $passed): self
    {
        if ($passed <= 0 || $earned < 0) {
            throw new \InvalidArgumentException('An earned schedule needs time that has passed, and what is earned is zero or more.');
        }
        $before = 0.0;
        $whole = 0.0;
        foreach ($planned as $value) {
            if ($value < $before) {
                throw new \InvalidArgumentException('What is planned to be earned never falls.');
            }
            if ($earned < $value) {
                return new self($whole + ($earned - $before) / ($value - $before), $passed);
            }
            $before = (float) $value;
            $whole++;
        }

        return new self($whole, $passed);
    }

    /** SPI(t): periods earned for each that has passed. */
    public function index(): float
    {
        return $this->periods / $this->passed;
    }
}

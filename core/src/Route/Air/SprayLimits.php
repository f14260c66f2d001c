<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

/**
 * The air in which the house sprays (15 °C and 70 % relative humidity are common practice; the data sheet comes first).
 */
final readonly class SprayLimits implements AirLimits
{
    /**
     * @param  float  $coldest  °C
     * @param  float  $dampest  %
     */
    public function __construct(public float $coldest = 15.0, public float $dampest = 70.0)
    {
    }

    /** What forbids spraying in this air, or null; null is no promise that it will turn out well. */
    public function against(Climate $air): ?string
    {
        return match (true) {
            $air->temperature < $this->coldest => sprintf(
                'too cold to spray: %.1f °C, the house’s limit is %.1f °C', $air->temperature, $this->coldest,
            ),
            $air->humidity > $this->dampest => sprintf(
                'too damp to spray: %.0f %%, the house’s limit is %.0f %%', $air->humidity, $this->dampest,
            ),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

use Regimen\Units\Duration;

/** The air of the shop, and what it does to holds. */
final readonly class Climate
{
    /** Standards are given for this temperature, °C. */
    public const STANDARD = 20.0;

    private const HALVED_EVERY = 10.0;

    /**
     * @param  float  $temperature  °C
     * @param  float  $humidity  relative, %
     */
    public function __construct(public float $temperature, public float $humidity)
    {
    }

    public static function standard(): self
    {
        return new self(self::STANDARD, 50.0);
    }

    /**
     * Half the drying speed for each 10 °C less (common practice). Warmth shortens nothing: what a data sheet asks for
     * is waited.
     */
    public function factor(): float
    {
        return max(1.0, 2.0 ** ((self::STANDARD - $this->temperature) / self::HALVED_EVERY));
    }

    public function stretch(Duration $hold, ?HoldKind $kind): Duration
    {
        return $kind?->isSlowedByCold() ? Duration::ofMinutes((int) round($hold->minutes * $this->factor())) : $hold;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

use Regimen\Inspection\Tolerances;

/**
 * The air in which plates are braced and a box is closed: 40 to 50 % relative humidity (TRADE section 12; common practice), unless the house’s
 * tolerance says otherwise.
 */
final readonly class BoxAir implements AirLimits
{
    public const MIDDLE = 45.0;

    /** @param  float  $around  % to each side of the middle */
    public function __construct(private float $around = 5.0)
    {
    }

    public static function of(Tolerances $tolerances): self
    {
        return new self($tolerances->value('box-air'));
    }

    public function against(Climate $air): ?string
    {
        return match (true) {
            $air->humidity < self::MIDDLE - $this->around => sprintf('too dry to brace plates or close a box: %.0f %%, the house’s limit is %.0f %%', $air->humidity, self::MIDDLE - $this->around),
            $air->humidity > self::MIDDLE + $this->around => sprintf('too damp to brace plates or close a box: %.0f %%, the house’s limit is %.0f %%', $air->humidity, self::MIDDLE + $this->around),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What a pickup is. */
enum PickupKind: string implements Option
{
    use WordsOfValue;

    case SingleCoil = 'single-coil';
    case Soapbar = 'single-coil_soapbar';
    case Humbucker = 'humbucker';
    case Piezo = 'piezo';

    /** Whether it hums on its own; common practice. */
    public function hums(): bool
    {
        return $this === self::SingleCoil || $this === self::Soapbar;
    }

    /** Usual pot in kΩ (CALCULATIONS E1); common practice. */
    public function usualPot(): ?float
    {
        return match ($this) {
            self::SingleCoil, self::Soapbar => 250.0,
            self::Humbucker => 500.0,
            self::Piezo => null,
        };
    }

    /** Extent along the strings in mm; common practice. */
    public function lengthMm(): float
    {
        return match ($this) {
            self::SingleCoil => 24.0,
            self::Soapbar => 36.0,
            self::Humbucker => 39.0,
            self::Piezo => 4.0,
        };
    }
}

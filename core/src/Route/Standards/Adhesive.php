<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Units\Duration;

/**
 * What is glued with, and how long it is left under its clamps at 20 °C (common practice; the data sheet comes first).
 */
enum Adhesive: string
{
    case WoodGlue = 'wood-glue';
    case HideGlue = 'hide-glue';
    case Epoxy = 'epoxy';
    case Superglue = 'superglue';
    case Cement = 'celluloid-cement';

    public function words(): string
    {
        return match ($this) {
            self::WoodGlue => 'wood glue',
            self::HideGlue => 'hide glue',
            self::Epoxy => 'epoxy',
            self::Superglue => 'superglue',
            self::Cement => 'celluloid cement',
        };
    }

    /** Of an operation whose standard is given for wood glue or epoxy: more, as long, or hardly any. */
    public function share(): float
    {
        return match ($this) {
            self::WoodGlue, self::Epoxy, self::Cement => 1.0,
            self::HideGlue => 1.5,
            self::Superglue => 0.03,
        };
    }

    public function caution(): ?Caution
    {
        return $this === self::Superglue ? Caution::Superglue : null;
    }

    public function hold(Duration $standard, float $share): Duration
    {
        return Duration::ofMinutes((int) round($standard->minutes * $share));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

/** Why a piece is left alone, which decides whether a cold shop makes it longer. */
enum HoldKind: string
{
    case Glue = 'glue';
    case Finish = 'finish';
    case Rest = 'rest';
    case Tension = 'tension';

    public function words(): string
    {
        return match ($this) {
            self::Glue => 'glue sets',
            self::Finish => 'finish dries or cures',
            self::Rest => 'it rests',
            self::Tension => 'settles under tension',
        };
    }

    /** Whether it goes by chemistry and evaporation, which the cold slows down (common practice). */
    public function isSlowedByCold(): bool
    {
        return $this === self::Glue || $this === self::Finish;
    }
}

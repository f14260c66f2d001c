<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

/** How the two coils of a humbucker are used at a switch position; a single coil is only ever used whole. */
enum CoilUse: string
{
    case Whole = '';
    case Split = 'split';
    case CoilsInParallel = 'coils in parallel';

    /** Of the resistance that its maker states, both coils being in series then. */
    public function share(): float
    {
        return match ($this) {
            self::Whole => 1.0,
            self::Split => 0.5,
            self::CoilsInParallel => 0.25,
        };
    }
}

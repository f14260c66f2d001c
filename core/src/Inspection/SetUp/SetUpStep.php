<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/** The steps of the set-up loop, in the order in which each leaves the one before it alone (common practice). */
enum SetUpStep: string
{
    case Relief = 'relief';
    case Nut = 'nut';
    case Action = 'action';
    case Intonation = 'intonation';
    case Pickups = 'pickups';

    public function unit(): string
    {
        return $this === self::Intonation ? 'cents' : 'mm';
    }

    /** What its figure is, and where it is read. */
    public function words(): string
    {
        return match ($this) {
            self::Relief => 'gap at the middle, straight edge on the first fret and the fret at the body join',
            self::Nut => 'under the string over the first fret',
            self::Action => 'under the string over the twelfth fret',
            self::Intonation => 'at the twelfth against the open string, sharp above zero',
            self::Pickups => 'pickup under the string, fretted at the last fret',
        };
    }

    public function tool(): string
    {
        return match ($this) {
            self::Relief => 'straight edge, feeler',
            self::Nut => 'feeler',
            self::Action, self::Pickups => 'rule',
            self::Intonation => 'tuner',
        };
    }

    /** Once for the neck, or once for each string. */
    public function isByString(): bool
    {
        return $this !== self::Relief;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** The curve of the back of the neck. */
enum NeckProfile: string implements Option
{
    use WordsOfValue;

    case C = 'C';
    case D = 'D';
    case V = 'V';

    /**
     * Exponent of the superellipse that the section follows: 2 is an ellipse, more is fuller, less is pointed (house
     * convention).
     */
    public function exponent(): float
    {
        return match ($this) {
            self::C => 2.0,
            self::D => 2.8,
            self::V => 1.4,
        };
    }
}

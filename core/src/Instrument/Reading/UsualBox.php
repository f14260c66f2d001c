<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Body\Layer;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** What is usual of a flat-top's box when nothing is said. A second layer, of which boxes were once made up, still tells their timber and depth. */
final class UsualBox
{
    private const BACK = 'Indian rosewood';

    /** Depth at the tail, and by how much less it is at the neck, in mm. */
    private const DEPTH_MM = 115.0;

    private const TAPER_MM = 20.0;

    /** From the end of the board to the edge of the sound hole, in mm. */
    private const BEYOND_BOARD_MM = 8.0;

    /** @param  list<Layer>  $layers */
    public static function back(array $layers): Species
    {
        return $layers[1]->timber ?? Species::named(self::BACK);
    }

    /** @param  list<Layer>  $layers */
    public static function depthAtTail(array $layers): Length
    {
        return isset($layers[1]) ? $layers[0]->thickness->plus($layers[1]->thickness) : Length::ofMillimetres(self::DEPTH_MM);
    }

    public static function depthAtNeck(Length $tail): Length
    {
        return Length::ofMillimetres(max(1.0, $tail->mm - self::TAPER_MM));
    }

    public static function bracing(bool $isDrawn, bool $isNylon): BracingPattern
    {
        return match (true) {
            $isDrawn => BracingPattern::Drawn,
            $isNylon => BracingPattern::Fan,
            default => BracingPattern::Crossed,
        };
    }

    /** From the middle of the sound hole to the saddle line: the hole lies just beyond the board. */
    public static function holeBefore(Length $scale, Length $board, Length $hole): Length
    {
        return Length::ofMillimetres(max(40.0, min(350.0, $scale->mm - $board->mm - self::BEYOND_BOARD_MM - $hole->mm / 2)));
    }
}

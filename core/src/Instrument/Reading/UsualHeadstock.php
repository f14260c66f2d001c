<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Neck\TunerLayout;
use Regimen\Units\Length;

/** What is usual of a headstock when nothing is said: how the tuners stand, how long it is, what goes under a guide. */
final class UsualHeadstock
{
    /** A piece that clamps the strings behind the nut; common practice. */
    private const HEADPIECE_MM = 25.0;

    /** Degrees over the nut; a string that breaks by less goes under a guide. */
    private const BREAK_LEAST = 5.0;

    /**
     * Many in one row make a headstock that no case holds.
     *
     * @param  array<string, mixed>  $values
     */
    public static function tunerLayout(array $values): TunerLayout
    {
        $most = $values['type'] === InstrumentType::Bass ? 6 : 9;

        return $values['type'] === InstrumentType::FlatTop || $values['strings'] > $most
            ? TunerLayout::BothSides
            : TunerLayout::InLine;
    }

    /**
     * From the treble to the last string that would break over the nut by less than common practice asks for.
     *
     * @param  array<string, mixed>  $values
     */
    public static function guided(array $values): int
    {
        if ($values['headstock'] !== HeadstockKind::Flat || $values['posts'] !== []) {
            return 0;
        }
        $lost = $values['headStep']->mm + $values['crownHeight']->mm
            + ($values['zeroFret'] ? 0.0 : $values['nutAction']->mm) - $values['postHeight']->mm;
        $guided = 0;
        for ($string = 0; $string < $values['strings']; $string++) {
            $along = $values['firstPost']->mm
                + $values['tunerLayout']->place($string, $values['strings'])
                * $values['tunerSpacing']->mm;
            $guided = rad2deg(atan($lost / $along)) < self::BREAK_LEAST ? $string + 1 : $guided;
        }

        return $guided;
    }

    /** @param  array<string, mixed>  $values */
    public static function headLength(array $values): Length
    {
        if (! $values['headstock']->hasPosts()) {
            return Length::ofMillimetres(self::HEADPIECE_MM);
        }
        $row = $values['tunerLayout'] === TunerLayout::BothSides
            ? (int) ceil($values['strings'] / 2)
            : $values['strings'];

        return Length::ofMillimetres(
            $values['firstPost']->mm + ($row - 1) * $values['tunerSpacing']->mm + 28.0
                + $values['tunerHole']->mm,
        );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Electronics\Loading;
use Regimen\Instrument\Specification;

/**
 * The tap test, generated from the switch's table (CALCULATIONS E4): which pickups must sound where, and which must
 * not.
 */
final class TapTest
{
    /** @return list<TapPosition> */
    public static function from(Specification $s): array
    {
        $known = [];
        foreach ($s->electrics->pickups as $pickup) {
            $known[mb_strtolower($pickup->place)] = $pickup;
        }
        $volume = $s->electrics->pots[0] ?? 0.0;
        $test = [];
        foreach ($s->electrics->switch as $index => $position) {
            $kilohms = $position->resistance($known);
            $atJack = $kilohms === null || $volume <= 0.0 ? $kilohms : Loading::parallel([$kilohms, $volume]);
            $test[] = new TapPosition(
                $index + 1,
                $position,
                array_values(array_diff(array_map(strval(...), array_keys($known)), $position->pickups)),
                $kilohms,
                $atJack,
            );
        }

        return $test;
    }
}

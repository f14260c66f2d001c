<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Electronics\Loading;
use Regimen\Electronics\PreferredValues;
use Regimen\Electronics\TapTest;

/** E1 to E4. */
final class ElectricFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        foreach ($s->electrics->pickups as $index => $pickup) {
            $usual = $pickup->kind->usualPot();
            if ($usual !== null) {
                yield Figure::of("usualPot.{$index}", "Usual pot for the {$pickup->place} pickup", $usual, 'kΩ', 'E1', $pickup->kind->words(), 'electronics', 0);
            }
        }
        foreach (TapTest::of($s) as $test) {
            if ($test['kilohms'] !== null) {
                yield Figure::of("position.{$test['position']}", "Meter reads at position {$test['position']}", $test['kilohms'], 'kΩ', 'E2', implode(' parallel to ', $test['sounds']), 'electronics', 2);
            }
        }
        $pots = array_values(array_filter($s->electrics->pots));
        $capacitor = $s->electrics->capacitors[0] ?? null;
        if ($pots !== []) {
            yield Figure::of('potsTogether', 'Pots in parallel', Loading::parallel($pots), 'kΩ', 'E2', implode(' ∥ ', array_map(static fn (float $pot): string => Words::number($pot, 0), $pots)), 'electronics', 0);
        }
        $loaded = array_values(array_filter(array_map(static fn (array $test): ?float => $test['kilohms'], TapTest::of($s))));
        if ($loaded !== [] && $capacitor !== null && $capacitor > 0) {
            yield Figure::of('cutOff', 'Tone turned down, cut-off', Loading::cutOff($loaded[0], $capacitor), 'Hz', 'E2', '1 / (2π × '.Words::number($loaded[0]).' kΩ × '.Words::number($capacitor).' nF), without the pickup’s inductance', 'electronics', 0);
        }
        if ($capacitor !== null && $capacitor > 0) {
            yield Figure::of('nearestCapacitor', 'Nearest made capacitor', PreferredValues::nearest($capacitor, 6), 'nF', 'E3', 'E6 series', 'electronics', 1);
        }
        yield Figure::of('switchPositions', 'Switch positions', count($s->electrics->switch), '', 'E4', 'as listed', 'electronics', 0);
    }
}

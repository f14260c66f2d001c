<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Electronics\ElectricWords;
use Regimen\Electronics\Loading;
use Regimen\Electronics\PreferredValues;
use Regimen\Instrument\Specification;

/** E1 to E4. */
final class ElectricFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        foreach ($s->electrics->pickups as $index => $pickup) {
            $usual = $pickup->kind->usualPot();
            if ($usual !== null) {
                yield Figure::of(
                    "usualPot.{$index}", "Usual pot for the {$pickup->place} pickup", $usual, 'kΩ', 'E1',
                    $pickup->kind->words(), 'electronics', 0,
                );
            }
        }
        yield from $this->positions($s);
        $pots = array_values(array_filter($s->electrics->pots));
        $capacitor = $s->electrics->capacitors[0] ?? null;
        if ($pots !== []) {
            yield Figure::of(
                'potsTogether', 'Pots in parallel', Loading::parallel($pots), 'kΩ', 'E2',
                implode(' ∥ ', array_map(ElectricWords::resistance(...), $pots)), 'electronics', 0,
            );
        }
        if ($capacitor !== null && $capacitor > 0) {
            yield Figure::of(
                'nearestCapacitor', 'Nearest made capacitor', PreferredValues::nearest($capacitor, 6), 'nF', 'E3',
                'E6 series', 'electronics', 1,
            );
        }
        yield Figure::of(
            'switchPositions', 'Switch positions', count($s->electrics->switch), '', 'E4', 'as listed', 'electronics',
            0,
        );
    }

    /**
     * What a meter reads at each position, and where the tone control cuts off when it is turned down.
     *
     * @return iterable<Figure>
     */
    private function positions(Specification $s): iterable
    {
        $capacitor = $s->electrics->capacitors[0] ?? 0.0;
        foreach (TapTest::from($s) as $test) {
            if ($test->kilohms === null || $test->atJack === null) {
                continue;
            }
            $words = $test->sounds->inWords();
            yield Figure::of(
                "position.{$test->number}", "Pickups at position {$test->number}", $test->kilohms, 'kΩ', 'E2', $words,
                'electronics', 2,
            );
            yield Figure::of(
                "jack.{$test->number}", "Meter reads at the jack, position {$test->number}", $test->atJack, 'kΩ', 'E2',
                $test->atJack === $test->kilohms
                    ? $words
                    : ElectricWords::resistance($test->kilohms).' ∥ volume pot '
                    .ElectricWords::resistance($s->electrics->pots[0]),
                'electronics', 2,
            );
            if ($capacitor > 0 && $test->atJack > 0) {
                yield Figure::of(
                    "cutOff.{$test->number}", "Tone turned down, position {$test->number}",
                    Loading::cutOff($test->atJack, $capacitor), 'Hz', 'E2',
                    '1 / (2π × '.ElectricWords::resistance($test->atJack).' × '.ElectricWords::capacitance($capacitor)
                        .'); resistive only: the coil’s inductance is not known',
                    'electronics', 0,
                );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Units\Words;

/** Pots suit the pickups (E1). */
final class PotsForPickups implements Check
{
    public function judge(Workings $w): iterable
    {
        $e = $w->specification->electrics;
        $usual = array_values(
            array_unique(
                array_filter(array_map(static fn (Pickup $pickup): ?float => $pickup->kind->usualPot(), $e->pickups)),
            ),
        );
        if ($usual === [] || $e->pots === []) {
            return;
        }
        $odd = array_filter(
            $e->pots,
            static fn (float $pot): bool => $pot < min($usual) * 0.8 || $pot > max($usual) * 1.25,
        );
        if ($odd !== []) {
            yield Finding::warn('pots', 'Pots that do not suit the pickups')
                ->says(
                    implode(
                        ', ',
                        array_map(static fn (float $pot): string => Words::number($pot, 0).' kΩ', $e->pots),
                    ).'; '
                    .Words::number(max($usual), 0).' kΩ is usual for these.',
                )
                ->because('Too low takes the treble, too high leaves it shrill.')
                ->at('pots', 'pickups')
                ->fix(
                    'Take pots of '.Words::number(max($usual), 0).' kΩ',
                    ['pots' => implode(', ', array_fill(0, count($e->pots), Words::number(max($usual), 0).'k'))],
                );
        }
    }
}

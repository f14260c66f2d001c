<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\PickupKind;

/** A pickup’s resistance is of the usual size. */
final class PickupResistance implements Check
{
    public function judge(Workings $w): iterable
    {
        foreach ($w->specification->electrics->pickups as $index => $pickup) {
            if ($pickup->resistance !== null && $pickup->kind !== PickupKind::Piezo && ($pickup->resistance < 1.5 || $pickup->resistance > 35.0)) {
                yield Finding::warn("pickup-resistance.{$index}", "The {$pickup->place} pickup’s resistance is unusual", Words::number($pickup->resistance, 2).' kΩ; 4 to 20 is usual.', 'The unit may be wrong: ohms for kilohms.', "pickups.{$index}.resistance")
                    ->mend(Words::number($pickup->resistance > 35 ? $pickup->resistance / 1000 : $pickup->resistance * 1000, 2).'k', ["pickups.{$index}.resistance" => Words::number($pickup->resistance > 35 ? $pickup->resistance / 1000 : $pickup->resistance * 1000, 2).'k']);
            }
        }
    }
}

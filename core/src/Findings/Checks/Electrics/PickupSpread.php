<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Units\Words;

/** Poles lie under the strings. */
final class PickupSpread implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        foreach ($s->electrics->pickups as $index => $pickup) {
            if ($pickup->spread === null || $pickup->kind === PickupKind::Piezo) {
                continue;
            }
            $strings = $w->spread()->spreadAt($s->middleScale()->mm - $pickup->positionMm());
            $off = ($pickup->spread->mm - $strings) / 2;
            if (abs($off) > 1.0) {
                yield Finding::warn("pickup-spread.{$index}", "The {$pickup->place} pickup’s poles miss the strings")
                    ->says(
                        'Poles '.Words::number($pickup->spread->mm).' apart, strings '.Words::mm($strings).' there: '
                        .Words::number(abs($off)).' off on each side.',
                    )
                    ->because('The outer strings sound weaker, most when they are bent.')
                    ->at("pickups.{$index}.spread", 'bridgeSpread')
                    ->fix(
                        'Take a pickup of '.Words::mm($strings), ["pickups.{$index}.spread" => Words::typed($strings)],
                    );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Units\Words;

/** Nylon has gauges of its own, and no magnet hears it. */
final class Nylon implements Check
{
    /** Thinnest first string that is sold in nylon, in thousandths of an inch; common practice. */
    private const LEAST = 22.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if (! $s->isNylon()) {
            return;
        }
        $first = $s->stringing->gauges[0];
        if (! $first->wound && $first->diameter->inches() * 1000 < self::LEAST) {
            yield Finding::stop('nylon-gauges', 'Nylon in the gauges of a steel set')
                ->says($first->inWords().' of nylon pulls '.Words::number($w->strings()[0]->pull, 0).' N; a first string of nylon is .028 or near it.')
                ->because('It flaps over the frets and sounds like nothing.')->at('gauges', 'stringMaterial', 'unitMasses')
                ->fixBy([['Take a set of nylon', ['gauges' => '', 'unitMasses' => '']], ['Take a set of nylon in the usual tuning', ['gauges' => '', 'unitMasses' => '', 'tuning' => '']], ['String it with steel', ['stringMaterial' => 'steel', 'unitMasses' => '']]]);
        }
        $magnets = [];
        foreach ($s->electrics->pickups as $index => $pickup) {
            $pickup->kind === PickupKind::Piezo || $magnets["pickups.{$index}.kind"] = PickupKind::Piezo->value;
        }
        if ($magnets !== []) {
            yield Finding::stop('nylon-magnets', 'Magnets hear no nylon')
                ->says(count($magnets) === 1 ? 'One pickup works by a magnet.' : count($magnets).' pickups work by magnets.')
                ->because('Nylon does not move a magnetic field: the instrument would be silent.')->at('pickups', 'stringMaterial')
                ->fixBy([['Take piezo pickups', $magnets], ['String it with steel', ['stringMaterial' => 'steel', 'gauges' => '', 'unitMasses' => '']]]);
        }
    }
}

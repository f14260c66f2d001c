<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Interval;
use Regimen\Instrument\PickupKind;

/** Pickups clear of the board, of the bridge and of each other. */
final class PickupRoom implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $taken = ['the board' => new Interval(0.0, $w->board()->length)];
        foreach ($s->electrics->pickups as $index => $pickup) {
            if ($pickup->kind === PickupKind::Piezo) {
                continue;
            }
            $middle = $s->board->scale->mm - $pickup->positionMm();
            $place = new Interval($middle - $pickup->kind->lengthMm() / 2, $middle + $pickup->kind->lengthMm() / 2);
            foreach ($taken as $what => $other) {
                if ($place->overlap($other) > -1.0) {
                    $move = $pickup->positionMm() - $place->overlap($other) - 3.0;
                    yield Finding::stop("pickup-room.{$index}", "The {$pickup->place} pickup meets {$what}", 'They overlap by '.Words::mm(max(0.0, $place->overlap($other))).'.', 'Two things cannot be in one place.', "pickups.{$index}.position")
                        ->mend('pole centre at '.Words::number($move), $move > $pickup->kind->lengthMm() / 2 + 4 ? ["pickups.{$index}.position" => Words::typed($move)] : null);
                }
            }
            $taken["the {$pickup->place} pickup"] = $place;
            if ($pickup->positionMm() < $pickup->kind->lengthMm() / 2 + 3) {
                yield Finding::stop("pickup-bridge.{$index}", "The {$pickup->place} pickup meets the bridge", 'Its poles are '.Words::mm($pickup->positionMm()).' from the scale line, and it is '.Words::number($pickup->kind->lengthMm(), 0).' long.', 'Saddles and pickup need the same place.', "pickups.{$index}.position")
                    ->mend('pole centre at '.Words::number($pickup->kind->lengthMm() / 2 + 8), ["pickups.{$index}.position" => Words::typed($pickup->kind->lengthMm() / 2 + 8)]);
            }
        }
    }
}

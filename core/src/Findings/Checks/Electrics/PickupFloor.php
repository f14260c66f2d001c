<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber left under the pickups (G18). */
final class PickupFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodyThickness()->mm;
        foreach ($w->specification->electrics->pickups as $index => $pickup) {
            $floor = $body - $pickup->depth->mm;
            if ($floor < 3.0) {
                yield Finding::stop("pickup-floor.{$index}", "No floor under the {$pickup->place} pickup")
                    ->says(Words::mm($floor).' stay; at least 3.0 should.')
                    ->because('The router comes out of the back.')
                    ->at("pickups.{$index}.depth")
                    ->fix(
                        'Make the cavity '.Words::mm($body - 5.0).' deep',
                        $body > 8 ? ["pickups.{$index}.depth" => Words::typed($body - 5.0)] : null,
                    );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Hand;
use Regimen\Instrument\PickupKind;

/** The body's outline with its pocket, cavities and bridge holes, 1:1. */
final class BodyTemplate
{
    public static function of(Workings $w): View
    {
        $s = $w->specification;
        $scale = $s->board->scale->mm;
        $sign = $s->brief->hand === Hand::Left ? -1.0 : 1.0;
        $outline = $w->body()->outline;
        $along = $outline->along();
        $shapes = [
            Shape::closed($outline->points, 'outline'),
            Shape::line($along->from - 8, 0.0, $along->to + 8, 0.0, 'centre', 'hidden'),
            Shape::line($scale, -$s->stringing->bridgeSpread->mm / 2 - 15, $scale, $s->stringing->bridgeSpread->mm / 2 + 15, 'centre', 'hidden'),
            Shape::box($w->body()->begins, -$s->joinery->pocketWidth->mm / 2, $s->joinery->pocketLength->mm, $s->joinery->pocketWidth->mm, 'cavities', 'thin'),
        ];
        foreach ($s->electrics->pickups as $pickup) {
            if ($pickup->kind !== PickupKind::Piezo) {
                $half = $w->spread()->spreadAt($scale - $pickup->positionMm()) / 2 + 8;
                $shapes[] = Shape::box($scale - $pickup->positionMm() - $pickup->kind->lengthMm() / 2, -$half, $pickup->kind->lengthMm(), 2 * $half, 'cavities', 'thin');
            }
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $shapes[] = Shape::box($scale + $cavity->behind->mm - $cavity->length->mm / 2, $sign * $cavity->across->mm - $cavity->width->mm / 2, $cavity->length->mm, $cavity->width->mm, 'cavities', 'thin');
        }
        foreach ([-1, 1] as $side) {
            $shapes[] = Shape::circle(new Point($scale + $s->bridgework->mountingOffset->mm, $side * $s->bridgework->mountingSpan->mm / 2), 2.5, 'holes', 'thin');
        }

        return new View('body', 'Body', $shapes);
    }
}

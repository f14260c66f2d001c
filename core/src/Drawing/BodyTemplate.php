<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;

/** The body's outline with its pocket, cavities and bridge holes, 1:1. */
final class BodyTemplate
{
    public static function draw(Workings $w): View
    {
        $s = $w->specification;
        $scale = $s->board->scale->mm;
        $outline = $w->body()->outline;
        $along = $outline->along();
        $shapes = [
            Shape::closed($outline->points, 'outline'),
            Shape::line($along->from - 8, 0.0, $along->to + 8, 0.0, 'centre', 'hidden'),
            Shape::line(
                $scale, -$s->stringing->bridgeSpread->mm / 2 - 15, $scale, $s->stringing->bridgeSpread->mm / 2 + 15,
                'centre', 'hidden',
            ),
            Shape::box(
                $w->body()->begins, -$s->joinery->pocketWidth->mm / 2, $s->joinery->pocketLength->mm,
                $s->joinery->pocketWidth->mm, 'cavities', 'thin',
            ),
        ];
        array_push($shapes, ...Details::pickups($w, 'thin'), ...Details::cavities($w, 'thin'));
        foreach ([-1, 1] as $side) {
            $shapes[] = Shape::circle(
                new Point($scale + $s->bridgework->mountingOffset->mm, $side * $s->bridgework->mountingSpan->mm / 2),
                2.5,
                'holes',
                'thin',
            );
        }

        return new View('body', 'Body', $shapes);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Body\BridgeKind;

/** The body's outline with its pocket, cavities and bridge holes, 1:1. */
final class BodyTemplate
{
    public static function draw(Workings $w): View
    {
        $s = $w->specification;
        $scale = $s->middleScale()->mm;
        $outline = $w->body()->outline;
        $along = $outline->along();
        $shapes = [
            Shape::closed($outline->points, 'outline'),
            Shape::line($along->from - 8, 0.0, $along->to + 8, 0.0, 'centre', 'hidden'),
            Shape::open($w->lines()->scaleLine($s->stringing->bridgeSpread->mm / 2 + 15), 'centre', 'hidden'),
            Shape::box(
                $w->body()->begins, -$s->joinery->pocketWidth->mm / 2, $s->joinery->pocketLength->mm,
                $s->joinery->pocketWidth->mm, 'cavities', 'thin',
            ),
        ];
        array_push($shapes, ...Details::pickups($w, 'thin'), ...Details::cavities($w, 'thin'));
        if ($s->bridgework->bridge === BridgeKind::Single) {
            array_push($shapes, ...Details::singleBridges($w, $s->bridgework->bridgeRecess->mm > 0 ? 'cavities' : 'holes', 'thin'));
        }
        foreach ($s->bridgework->bridge === BridgeKind::Single ? [] : [-1, 1] as $side) {
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

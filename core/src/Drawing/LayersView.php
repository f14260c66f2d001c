<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** The body's layers with how deep everything is let in: pocket and pickups from the top, cavities from the back. */
final class LayersView
{
    public static function draw(Workings $w): View
    {
        $s = $w->specification;
        $body = $s->bodyThickness()->mm;
        $cuts = [['pocket', 0.0, $s->joinery->pocketDepth->mm]];
        foreach ($s->electrics->pickups as $pickup) {
            $cuts[] = [$pickup->place, 0.0, $pickup->depth->mm];
        }
        $top = $s->isLayered() ? $s->bodywork->layers[0]->thickness->mm : 0.0;
        if ($s->isRelieved()) {
            $cuts[] = ['chambers', $top, min($body, $top + $s->bodywork->chamberDepth->mm)];
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $cuts[] = [$cavity->kind->words(), max(0.0, $body - $cavity->depth->mm), $body];
        }
        $width = 26.0 * count($cuts) + 8.0;
        $shapes = [];
        $down = 0.0;
        foreach ($s->bodywork->layers as $layer) {
            $thick = $layer->thickness->mm;
            $shapes[] = Shape::box(0.0, $down, $width, $thick, '', 'line', $layer->timber->colour);
            $shapes[] = Shape::words(
                new Point($width + 4, $down + $thick / 2 + 2), Words::number($thick).' '.$layer->timber->name, 5.4,
                'start', 'label',
            );
            $down += $thick;
        }
        foreach ($cuts as $index => [$name, $from, $to]) {
            $x = 8.0 + 26.0 * $index;
            $shapes[] = Shape::box($x, $from, 18.0, max(0.5, $to - $from), '', 'hidden', 'paper');
            $shapes[] = Shape::words(new Point($x + 9, $from + ($to - $from) / 2 + 2), Words::number($to - $from), 5.4);
            $shapes[] = Shape::words(new Point($x + 9, $body + 8), $name, 5.0, 'middle', 'label');
        }

        return new View('layers', 'Layers, '.Words::mm($body), $shapes);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** The plates and sides of a flat-top, with what each operation on them needs. */
final class BoxPieces
{
    public static function bracing(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $box = $w->box();
        $sketch = new Sketch;
        [$along, $across] = [$box->outline->along(), $box->outline->across()];
        $frame = $sketch->across($along->from, $along->to, 104.0, 14.0, 14.0);
        $frame->closed($box->outline->simplified(0.8)->points, $s->bodywork->layers[0]->timber->colour)
            ->closed($box->bridge(), '', 'hidden')->line($along->from, 0.0, $along->to, 0.0, 'hidden');
        foreach ($box->braces as $number => $brace) {
            $frame->closed($brace->corners(), $s->box->braceTimber->colour, 'thin');
            $number === 1 && $frame->mark('height-of-the-main-braces', '', ($brace->from->x + $brace->to->x) / 2, ($brace->from->y + $brace->to->y) / 2);
        }
        $frame->circle($box->soundHole()->x, $box->soundHole()->y, $s->box->soundHole->mm / 2, 'paper');
        $down = $frame->at(0.0, $across->to)->y + 26.0;
        $heights = array_values(array_unique(array_map(static fn ($brace): string => Words::number($brace->height), $box->braces)));
        foreach (['top '.Frame::both($s->bodywork->layers[0]->thickness->mm).' thick', 'braces '.implode(', ', $heights).' mm high', 'plate '.Words::number($s->box->bridgePlate->mm).' mm thick under the bridge'] as $line => $words) {
            $sketch->words(new Point(16, $down + 22 * $line), $words);
        }

        return $sketch->titled('Bracing, '.$s->box->bracing->words());
    }

    public static function sides(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $long = $w->box()->outline->perimeter() / 2;
        [$neck, $tail] = [$s->box->boxDepthNeck->mm, $s->box->boxDepthTail->mm];
        $sketch = new Sketch;
        $frame = $sketch->across(0.0, $long, 60.0, 56.0, 56.0);
        $frame->closed([new Point(0.0, 0.0), new Point($long, 0.0), new Point($long, $tail), new Point(0.0, $neck)], $s->box->sideTimber->colour)
            ->dim(0.0, 0.0, $long, 0.0, -20.0, $long, 'and more', 0);
        $sketch->words(new Point(16, 154), Frame::both($neck).' deep at the neck')->words(new Point(16, 176), Frame::both($tail).' at the tail')
            ->words(new Point(16, 198), 'two of '.Frame::both($s->box->sideThickness->mm).' thick, mirrored')->words(new Point(16, 220), $s->box->linings->words().' linings');

        return $sketch->titled('Sides');
    }
}

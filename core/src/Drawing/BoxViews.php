<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** A flat-top's top from within, with its bracing, and a section across the box. */
final class BoxViews
{
    /** How far a kerfed lining reaches in from a side, and down from a plate, in mm; common practice. */
    private const LINING = [7.0, 15.0];

    public static function top(Workings $w): View
    {
        $s = $w->specification;
        $box = $w->box();
        $outline = $box->outline;
        $hole = $box->soundHole();
        $shapes = [
            Shape::closed($outline->simplified(0.05)->points, 'outline', 'line', $s->bodywork->layers[0]->timber->colour),
            Shape::line($outline->along()->from - 8, 0.0, $outline->along()->to + 8, 0.0, 'centre', 'hidden'),
            Shape::closed($box->bridge(), 'centre', 'hidden'),
        ];
        $plate = $box->bridge();
        $shapes[] = Shape::closed(
            [$plate[0]->moved(-8.0, 10.0), $plate[1]->moved(8.0, 10.0), $plate[2]->moved(8.0, -10.0), $plate[3]->moved(-8.0, -10.0)], 'cavities', 'thin', $s->box->bridgePlateTimber->colour,
        );
        foreach ($box->braces as $brace) {
            $shapes[] = Shape::closed($brace->corners(), 'cavities', 'thin', $s->box->braceTimber->colour);
        }
        $shapes[] = Shape::circle($hole, $s->box->soundHole->mm / 2, 'holes', 'line', 'paper');
        $below = $outline->across()->to + 16;
        $scale = $s->middleScale()->mm;

        return new View('top', 'The top from within, '.$s->box->bracing->words(), [
            ...$shapes,
            ...Shape::dimension(new Point($hole->x, $below), new Point($scale, $below), 0.0, Words::number($scale - $hole->x), 13),
            Shape::line($hole->x, $s->box->soundHole->mm / 2, $hole->x, $below, '', 'dimension'), Shape::line($scale, $s->box->bridgeWide->mm / 2, $scale, $below, '', 'dimension'),
            Shape::words(new Point($hole->x, 5.0), Words::number($s->box->soundHole->mm, 0), 13),
        ]);
    }

    /** Where the box is widest. */
    public static function section(Workings $w): View
    {
        $s = $w->specification;
        $box = $w->box();
        $at = $box->outline->along()->from;
        $widest = 0.0;
        for ($x = $box->outline->along()->from; $x < $box->outline->along()->to; $x += 4.0) {
            $wide = $box->outline->acrossAt($x)?->length() ?? 0.0;
            [$at, $widest] = $wide > $widest ? [$x, $wide] : [$at, $widest];
        }
        $half = $widest / 2;
        $depth = $box->depthAt($at);
        [$top, $back, $side] = [$s->bodywork->layers[0]->thickness->mm, $s->box->backThickness->mm, $s->box->sideThickness->mm];
        [$in, $down] = self::LINING;
        $shapes = [
            Shape::box(-$half, 0.0, $widest, $top, '', 'line', $s->bodywork->layers[0]->timber->colour), Shape::box(-$half, $depth - $back, $widest, $back, '', 'line', $s->box->backTimber->colour),
        ];
        foreach ([-1.0, 1.0] as $sign) {
            $edge = $sign < 0 ? -$half : $half - $side;
            $shapes[] = Shape::box($edge, $top, $side, $depth - $top - $back, '', 'line', $s->box->sideTimber->colour);
            $inner = $sign < 0 ? -$half + $side : $half - $side;
            foreach ([[$top, 1.0], [$depth - $back, -1.0]] as [$plate, $way]) {
                $shapes[] = Shape::closed([new Point($inner, $plate), new Point($inner - $sign * $in, $plate), new Point($inner, $plate + $way * $down)], '', 'thin', $s->box->braceTimber->colour);
            }
        }
        foreach ($box->braces as $brace) {
            [$from, $to] = [$brace->from, $brace->to];
            if (($from->x - $at) * ($to->x - $at) < 0) {
                $y = $from->y + ($to->y - $from->y) * ($at - $from->x) / ($to->x - $from->x);
                $shapes[] = Shape::box($y - $brace->width / 2, $top, $brace->width, $brace->height, '', 'thin', $s->box->braceTimber->colour);
            }
        }

        return new View('box', 'Across the box at its widest', [
            ...$shapes,
            ...Shape::dimension(new Point($half, 0.0), new Point($half, $depth), -10.0, Words::number($depth), 11),
            ...Shape::dimension(new Point(-$half, $depth + 14), new Point($half, $depth + 14), 0.0, Words::number($widest, 0), 11),
            Shape::words(new Point(0.0, $top + 34), 'top '.Words::number($top, 2).', back '.Words::number($back, 2).', sides '.Words::number($side, 2), 11),
        ]);
    }
}

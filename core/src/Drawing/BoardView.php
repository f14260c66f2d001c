<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** The fretboard with its slots and markers, 1:1 as a template. */
final class BoardView
{
    public static function draw(Workings $w): View
    {
        $s = $w->specification;
        $board = $w->board();
        $nut = $board->widthAt(0) / 2;
        $last = $board->widthAt($board->length) / 2;
        $shapes = [
            Shape::closed(
                $w->lines()->outline(),
                'outline',
                'line',
                $s->board->boardTimber->colour,
            ),
        ];
        for ($fret = $s->board->zeroFret ? 0 : 1; $fret <= $s->board->frets; $fret++) {
            $shapes[] = Shape::open($w->lines()->at($fret), 'slots', 'fret');
        }
        array_push($shapes, ...Details::markers($w, 'markers'));
        $shapes[] = Shape::line(-6.0, 0.0, $board->length + 6.0, 0.0, 'centre', 'hidden');

        return new View('board', 'Fretboard', [...$shapes, ...self::dimensions($w, $nut, $last)]);
    }

    /** @return list<Shape> */
    private static function dimensions(Workings $w, float $nut, float $last): array
    {
        $board = $w->board();
        $twelfth = $w->fret(12);
        $half = $board->widthAt($twelfth) / 2;
        $below = max($nut, $last) + 10;

        return [
            ...Shape::dimension(new Point(0, -$nut), new Point(0, $nut), 10.0, Words::number(2 * $nut), 9),
            ...Shape::dimension(
                new Point($board->length, -$last), new Point($board->length, $last), -8.0, Words::number(2 * $last), 9,
            ),
            Shape::line(0, $nut, 0, $below, '', 'dimension'),
            Shape::line($twelfth, $half, $twelfth, $below, '', 'dimension'),
            ...Shape::dimension(new Point(0, $below), new Point($twelfth, $below), 0.0, Words::number($twelfth), 9),
            ...Shape::dimension(
                new Point(0, $below + 14), new Point($board->length, $below + 14), 0.0, Words::number($board->length),
                9,
            ),
        ];
    }
}

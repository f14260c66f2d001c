<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** Sections across the neck at the nut, the first fret, the twelfth and the heel. */
final class SectionsView
{
    private const GAP_MM = 34.0;

    public static function draw(Workings $w): View
    {
        $heel = $w->body()->begins - 4.0;
        $shapes = [];
        $offset = 0.0;
        foreach (['nut' => 0.0, 'first' => $w->fret(1), 'twelfth' => $w->fret(12), 'heel' => $heel] as $where => $x) {
            $width = $w->board()->widthAt($x);
            foreach (self::section($w, $x, $where) as $shape) {
                $shapes[] = $shape->moved($offset + $width / 2, 0.0);
            }
            $offset += $width + self::GAP_MM;
        }

        return new View('sections', 'Across the neck', $shapes);
    }

    /** @return list<Shape> */
    private static function section(Workings $w, float $x, string $where): array
    {
        $s = $w->specification;
        $board = $w->board();
        $half = $board->widthAt($x) / 2;
        $top = [];
        for ($step = 0; $step <= 16; $step++) {
            $y = -$half + 2 * $half * $step / 16;
            $top[] = new Point($y, $board->dropAt($x, $y));
        }
        $back = array_map(
            static fn (Point $point): Point => $point->moved(0.0, $board->thickness),
            $w->neck()->backAt($x),
        );
        $thickness = $w->neck()->thicknessAt($x);
        $rod = $w->neck()->rodEnds();
        $shapes = [
            Shape::closed($back, '', 'line', $s->neck->neckTimber->colour),
            Shape::closed(
                [...$top, new Point($half, $board->thickness), new Point(-$half, $board->thickness)],
                '',
                'line',
                $s->board->boardTimber->colour,
            ),
        ];
        if ($s->neck->rodLength->mm > 0 && $x >= $rod->from && $x <= $rod->to) {
            foreach ($w->neck()->rodsAcross() as $across) {
                $shapes[] = Shape::box(
                    $across - $s->neck->rodWidth->mm / 2, $board->thickness, $s->neck->rodWidth->mm, $s->neck->rodDepth->mm, '',
                    'hidden', 'paper',
                );
            }
        }
        $shapes[] = Shape::words(
            new Point(0.0, $thickness + 9),
            $where === 'nut' ? 'at the nut, R '.Words::number($board->radiusAt($x), 0) : "at the {$where}",
            5.4,
            'middle',
            'label',
        );
        $shapes = [
            ...$shapes,
            ...Shape::dimension(
                new Point($half, 0.0), new Point($half, $thickness), -5.0, Words::number($thickness), 5.4,
            ),
        ];

        return $shapes;
    }
}

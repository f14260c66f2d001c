<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/** A cubic curve, made into straight pieces. */
final class Bezier
{
    /** Farthest that a piece may be from its curve, in mm. */
    public const TOLERANCE_MM = 0.05;

    /**
     * The points after the first. The number of pieces follows from the second differences of the control points, which
     * bound how far a chord is from its curve (Wang's bound: n² ≥ 6/8 · max|Δ²| / tolerance).
     *
     * @return list<Point>
     */
    public static function flatten(
        Point $from,
        Point $first,
        Point $second,
        Point $to,
        float $tolerance = self::TOLERANCE_MM,
    ): array {
        $bend = max(
            hypot($from->x - 2 * $first->x + $second->x, $from->y - 2 * $first->y + $second->y),
            hypot($first->x - 2 * $second->x + $to->x, $first->y - 2 * $second->y + $to->y),
        );
        $pieces = (int) max(1, min(2000, ceil(sqrt(0.75 * $bend / $tolerance))));
        $points = [];
        for ($piece = 1; $piece <= $pieces; $piece++) {
            $t = $piece / $pieces;
            $u = 1 - $t;
            $points[] = new Point(
                $u ** 3 * $from->x + 3 * $u ** 2 * $t * $first->x + 3 * $u * $t ** 2 * $second->x + $t ** 3 * $to->x,
                $u ** 3 * $from->y + 3 * $u ** 2 * $t * $first->y + 3 * $u * $t ** 2 * $second->y + $t ** 3 * $to->y,
            );
        }

        return $points;
    }

    /**
     * The points after the first, of pieces halved (de Casteljau) until none turns farther or strays from its curve by
     * more than the tolerance. A piece turns no farther than the legs of its control points; an arc that turns by θ over
     * a length l strays by l·θ/8.
     *
     * @param  array{Point, Point, Point, Point}  $curve
     * @return list<Point>
     */
    public static function smooth(array $curve, float $degrees): array
    {
        $most = deg2rad($degrees);
        $points = [];
        $open = [[
            $curve[0]->x, $curve[0]->y, $curve[1]->x, $curve[1]->y, $curve[2]->x, $curve[2]->y, $curve[3]->x,
            $curve[3]->y,
        ]];
        while ($open !== []) {
            [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = array_pop($open);
            [$u, $v, $w, $z] = [$x1 - $x0, $y1 - $y0, $x2 - $x1, $y2 - $y1];
            [$s, $t] = [$x3 - $x2, $y3 - $y2];
            $turn = abs(atan2($u * $z - $v * $w, $u * $w + $v * $z)) + abs(atan2($w * $t - $z * $s, $w * $s + $z * $t));
            if ($turn <= $most && $turn * hypot($x3 - $x0, $y3 - $y0) <= 8 * self::TOLERANCE_MM) {
                $points[] = new Point($x3, $y3);

                continue;
            }
            [$ax, $ay, $bx, $by] = [($x0 + $x1) / 2, ($y0 + $y1) / 2, ($x1 + $x2) / 2, ($y1 + $y2) / 2];
            [$cx, $cy] = [($x2 + $x3) / 2, ($y2 + $y3) / 2];
            [$dx, $dy, $ex, $ey] = [($ax + $bx) / 2, ($ay + $by) / 2, ($bx + $cx) / 2, ($by + $cy) / 2];
            [$mx, $my] = [($dx + $ex) / 2, ($dy + $ey) / 2];
            $open[] = [$mx, $my, $ex, $ey, $cx, $cy, $x3, $y3];
            $open[] = [$x0, $y0, $ax, $ay, $dx, $dy, $mx, $my];
        }

        return $points;
    }
}

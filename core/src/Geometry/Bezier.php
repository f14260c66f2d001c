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
}

<?php

declare(strict_types=1);

namespace Regimen\Jigs;

use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;

/** The greatest distance between two lines, either way (Hausdorff), in mm, and where it is. */
final readonly class Deviation
{
    /** Between two places that are looked at along a line, at most, in mm. */
    private const STEP_MM = 3.0;

    private function __construct(public float $most, public Point $at)
    {
    }

    public static function between(Polygon $one, Polygon $other): self
    {
        [$forth, $back] = [self::farthest($one, $other), self::farthest($other, $one)];

        return $forth->most >= $back->most ? $forth : $back;
    }

    private static function farthest(Polygon $from, Polygon $to): self
    {
        $most = -1.0;
        $at = $from->points[0];
        $count = count($from->points);
        for ($index = 0; $index < $count; $index++) {
            [$a, $b] = [$from->points[$index], $from->points[($index + 1) % $count]];
            $steps = max(1, (int) ceil($a->distanceTo($b) / self::STEP_MM));
            for ($step = 0; $step < $steps; $step++) {
                $point = new Point($a->x + ($b->x - $a->x) * $step / $steps, $a->y + ($b->y - $a->y) * $step / $steps);
                $far = $to->distanceTo($point);
                [$most, $at] = $far > $most ? [$far, $point] : [$most, $at];
            }
        }

        return new self($most, $at);
    }
}

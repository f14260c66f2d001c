<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Geometry\Spline;
use Regimen\Instrument\Body\BodyOutline;

/**
 * The house's own body outlines, invented for it: points of a closed line, in units of about the body's width, from the
 * neck end at x = 0 round by the treble side. The bass side has y > 0, as on a right-handed instrument with its head to
 * the left. The line is curved outwards but at a waist and beside a horn.
 */
final class Outlines
{
    private const POINTS = [
        'river' => [
            [-0.004, -0.085], [0.02, -0.132], [0.09, -0.155], [0.25, -0.2], [0.44, -0.285], [0.64, -0.405],
            [0.85, -0.482], [1.06, -0.485], [1.24, -0.37], [1.32, -0.14], [1.28, 0.12], [1.15, 0.36],
            [0.95, 0.49], [0.75, 0.475], [0.55, 0.405], [0.35, 0.385], [0.15, 0.425], [-0.01, 0.468],
            [-0.13, 0.475], [-0.175, 0.435], [-0.12, 0.365], [0.02, 0.285], [0.075, 0.215], [0.035, 0.155],
            [0.003, 0.105], [-0.007, 0.01],
        ],
        'pebble' => [
            [0, -0.08], [0.025, -0.135], [0.11, -0.168], [0.165, -0.215], [0.145, -0.285], [0.115, -0.345],
            [0.145, -0.405], [0.25, -0.43], [0.39, -0.405], [0.54, -0.385], [0.7, -0.42], [0.88, -0.48],
            [1.06, -0.45], [1.2, -0.27], [1.25, -0.02], [1.21, 0.24], [1.05, 0.44], [0.82, 0.515],
            [0.56, 0.5], [0.31, 0.425], [0.13, 0.305], [0.03, 0.17], [-0.002, 0.05],
        ],
        'leaf' => [
            [-0.008, 0], [0, -0.09], [0.03, -0.135], [0.105, -0.165], [0.135, -0.215], [0.08, -0.275],
            [0.005, -0.345], [0.005, -0.43], [0.1, -0.49], [0.26, -0.5], [0.46, -0.46], [0.67, -0.415],
            [0.87, -0.398], [1.05, -0.347], [1.2, -0.225], [1.27, -0.09], [1.285, 0],
        ],
        'heron' => [
            [-0.004, -0.085], [0.02, -0.135], [0.11, -0.168], [0.17, -0.215], [0.165, -0.285], [0.2, -0.355],
            [0.31, -0.38], [0.48, -0.345], [0.67, -0.36], [0.88, -0.44], [1.08, -0.475], [1.27, -0.4],
            [1.39, -0.21], [1.41, 0.02], [1.3, 0.26], [1.09, 0.43], [0.82, 0.52], [0.51, 0.55],
            [0.21, 0.54], [-0.06, 0.51], [-0.225, 0.46], [-0.26, 0.39], [-0.13, 0.31], [0.035, 0.235],
            [0.055, 0.17], [0.01, 0.115], [-0.007, 0.02],
        ],
        'meadow' => [
            [0, 0], [0.008, -0.11], [0.05, -0.24], [0.15, -0.34], [0.29, -0.365], [0.43, -0.345],
            [0.57, -0.355], [0.72, -0.43], [0.88, -0.495], [1.04, -0.475], [1.17, -0.345], [1.235, -0.16],
            [1.25, 0],
        ],
        'dune' => [
            [-0.004, -0.085], [0.03, -0.135], [0.14, -0.16], [0.215, -0.21], [0.215, -0.29], [0.13, -0.355],
            [0.045, -0.4], [0.035, -0.46], [0.13, -0.505], [0.3, -0.49], [0.5, -0.435], [0.7, -0.415],
            [0.9, -0.44], [1.08, -0.445], [1.23, -0.37], [1.29, -0.22], [1.27, -0.02], [1.2, 0.2],
            [1.07, 0.4], [0.89, 0.495], [0.7, 0.47], [0.52, 0.4], [0.36, 0.38], [0.2, 0.385],
            [0.075, 0.32], [0.01, 0.2], [-0.01, 0.05],
        ],
    ];

    /** Those given by their treble half, from the neck end to the tail on the centre line. */
    private const SYMMETRIC = [BodyOutline::Leaf, BodyOutline::Meadow];

    /** @param  float  $width  the widest, in mm */
    public static function of(BodyOutline $outline, float $width): Polygon
    {
        $drawn = self::curves($outline, $width)->flattened();

        return $drawn->fitted($width / $drawn->across()->length(), 0.0, 0.0);
    }

    /** @param  float  $width  about the widest, in mm */
    public static function curves(BodyOutline $outline, float $width): Spline
    {
        $points = self::POINTS[$outline->value] ?? self::POINTS['river'];
        if (in_array($outline, self::SYMMETRIC, true)) {
            foreach (array_reverse(array_slice($points, 1, -1)) as [$x, $y]) {
                $points[] = [$x, -$y];
            }
        }

        return Spline::closed(
            array_map(static fn (array $point): Point => new Point($point[0] * $width, $point[1] * $width), $points),
        );
    }
}

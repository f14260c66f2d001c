<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/**
 * A closed line through points whose direction and curvature never jump: the periodic cubic spline, its parameter
 * running with the square root of the chords, so that it neither loops nor overshoots between near and far points.
 *
 * Source: de Boor, A Practical Guide to Splines, chapter IV (continuity of the second derivative); the parameter after
 * Lee, Choosing nodes in parametric curve interpolation, 1989 (both from memory).
 */
final readonly class Spline
{
    /** The system is diagonally dominant by two: each round halves what is still wrong, at least. */
    private const ROUNDS = 60;

    /** Most that a curve turns within one straight piece, in degrees: more from piece to piece is seen as a corner. */
    private const TURN_DEGREES = 0.9;

    /** @param  non-empty-list<array{Point, Point, Point, Point}>  $curves  cubics, each beginning where the last ended */
    private function __construct(public array $curves)
    {
    }

    /**
     * @param  list<Point>  $points  in order, the first not repeated
     *
     * @throws \InvalidArgumentException for fewer than three, or two in one place
     */
    public static function closed(array $points): self
    {
        $count = count($points);
        $steps = [];
        foreach ($points as $index => $point) {
            $steps[] = sqrt($point->distanceTo($points[($index + 1) % $count]));
        }
        if ($count < 3 || min($steps) <= 0.0) {
            throw new \InvalidArgumentException('A closed line goes through at least three different points.');
        }
        $x = self::slopes(array_map(static fn (Point $point): float => $point->x, $points), $steps);
        $y = self::slopes(array_map(static fn (Point $point): float => $point->y, $points), $steps);
        $curves = [];
        foreach ($points as $index => $point) {
            $next = ($index + 1) % $count;
            $third = $steps[$index] / 3;
            $curves[] = [
                $point,
                new Point($point->x + $third * $x[$index], $point->y + $third * $y[$index]),
                new Point($points[$next]->x - $third * $x[$next], $points[$next]->y - $third * $y[$next]),
                $points[$next],
            ];
        }

        return new self($curves);
    }

    /**
     * The derivative at each point with which the second derivative does not jump.
     *
     * @param  non-empty-list<float>  $values
     * @param  non-empty-list<float>  $steps  from each to the next
     * @return list<float>
     */
    private static function slopes(array $values, array $steps): array
    {
        $count = count($values);
        $slopes = array_fill(0, $count, 0.0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($values as $index => $value) {
                $before = ($index + $count - 1) % $count;
                $after = ($index + 1) % $count;
                [$from, $to] = [$steps[$before], $steps[$index]];
                $wanted = 3 * (($value - $values[$before]) / $from ** 2 + ($values[$after] - $value) / $to ** 2);
                $slopes[$index] = ($wanted - $slopes[$before] / $from - $slopes[$after] / $to)
                    / (2 / $from + 2 / $to);
            }
        }

        return array_values($slopes);
    }

    /** In straight pieces so short that no corner can be felt. */
    public function flattened(): Polygon
    {
        $points = [];
        foreach ($this->curves as $curve) {
            array_push($points, ...Bezier::smooth($curve, self::TURN_DEGREES));
        }

        return Polygon::of($points);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;

/**
 * A piece that is sawn out along a line, as it lies in its box. What it takes is kept as how far it reaches across in every five
 * millimetres along the grain, outwards rounded: what is clear of that is clear of the piece. Lengths in mm.
 */
final readonly class Outline
{
    /** Of the stretches along the grain. */
    public const STEP = 5.0;

    /**
     * @param  list<Point>  $points  of the line itself, from the corner of the box
     * @param  float  $area  within the line, in mm²
     * @param  list<array{float, float}>  $reach  from and to across, what is left around it included
     */
    private function __construct(public array $points, public float $length, public float $width, public float $area, private array $reach)
    {
    }

    /** @param  float  $around  what is left around it, on every side */
    public static function of(Polygon $line, float $around): self
    {
        [$along, $across] = [$line->along(), $line->across()];
        $points = array_map(static fn (Point $one): Point => new Point($one->x - $along->from + $around, $one->y - $across->from + $around), $line->points);
        [$length, $width] = array_map(self::tenths(...), [$along->length() + 2 * $around, $across->length() + 2 * $around]);

        return new self($points, $length, $width, $line->area(), self::reaches($points, (int) ceil($length / self::STEP), $around, $width));
    }

    /** Sizes are tenths of a millimetre, rounded up: so places stay the same when they are written down. */
    public static function tenths(float $mm): float
    {
        return ceil($mm * 10 - 1e-6) / 10;
    }

    /** The other way round, its grain still along the board. */
    public function turned(): self
    {
        return new self(
            array_map(fn (Point $one): Point => new Point($this->length - $one->x, $this->width - $one->y), $this->points), $this->length, $this->width, $this->area,
            // Counted from its other end, a stretch lies between two: the wider of both counts.
            self::shifted(array_map(fn (array $one): array => [$this->width - $one[1], $this->width - $one[0]], array_reverse($this->reach)), 1),
        );
    }

    /** Whether it keeps clear of a rectangle that is given from the corner of its box, by so much. */
    public function clears(Area $other, float $by = 0.0): bool
    {
        $from = max(0, (int) floor(($other->from - $by) / self::STEP));
        $to = min(count($this->reach) - 1, (int) ceil(($other->from + $other->length + $by) / self::STEP) - 1);
        for ($at = $from; $at <= $to; $at++) {
            [$low, $high] = $this->reach[$at];
            if ($other->across + $other->width + $by > $low + 1e-9 && $other->across - $by < $high - 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** Whether it keeps clear of another one whose box begins so far along and across from its own, by so much. */
    public function clearsOutline(self $other, float $from, float $across, float $by): bool
    {
        // Where the stretches do not meet, each of the other one's is held against all that it touches.
        $last = count($this->reach) - 1;
        foreach ($other->reach as $at => [$low, $high]) {
            $begin = $from + $at * self::STEP - $by;
            for ($own = max(0, (int) floor($begin / self::STEP)), $end = min($last, (int) ceil(($begin + self::STEP + 2 * $by) / self::STEP) - 1); $own <= $end; $own++) {
                if ($across + $high + $by > $this->reach[$own][0] + 1e-9 && $across + $low - $by < $this->reach[$own][1] - 1e-9) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    private static function reaches(array $points, int $count, float $around, float $width): array
    {
        $reach = array_fill(0, $count, [INF, -INF]);
        foreach ($points as $index => $one) {
            $two = $points[($index + 1) % count($points)];
            [$left, $right] = $one->x <= $two->x ? [$one, $two] : [$two, $one];
            $slope = $right->x - $left->x < 1e-9 ? null : ($right->y - $left->y) / ($right->x - $left->x);
            for ($at = max(0, (int) floor(($left->x - 1e-9) / self::STEP)); $at < $count && $at * self::STEP <= $right->x + 1e-9; $at++) {
                $begin = $slope === null ? $left->y : $left->y + (max($left->x, $at * self::STEP) - $left->x) * $slope;
                $end = $slope === null ? $right->y : $left->y + (min($right->x, ($at + 1) * self::STEP) - $left->x) * $slope;
                $reach[$at] = [min($reach[$at][0], $begin, $end), max($reach[$at][1], $begin, $end)];
            }
        }
        $wide = self::shifted($reach, (int) ceil($around / self::STEP));

        return array_map(static fn (array $one): array => is_finite($one[0]) ? [max(0.0, $one[0] - $around), min($width, $one[1] + $around)] : [0.0, 0.0], $wide);
    }

    /**
     * Each stretch with its neighbours so far on both sides.
     *
     * @param  list<array{float, float}>  $reach
     * @return list<array{float, float}>
     */
    private static function shifted(array $reach, int $by): array
    {
        $wide = [];
        foreach (array_keys($reach) as $at) {
            $near = array_slice($reach, max(0, $at - $by), $by + min($at, $by) + 1);
            $wide[] = [min(INF, ...array_column($near, 0)), max(-INF, ...array_column($near, 1))];
        }

        return $wide;
    }
}

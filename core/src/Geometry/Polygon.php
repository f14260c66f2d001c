<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/** A closed line of points in millimetres (CALCULATIONS G19). */
final readonly class Polygon
{
    /** @param  non-empty-list<Point>  $points  without repeating the first at the end */
    private function __construct(public array $points)
    {
    }

    /**
     * @param  list<Point>  $points
     *
     * @throws \InvalidArgumentException for fewer than three
     */
    public static function of(array $points): self
    {
        if (count($points) > 3 && $points[0]->distanceTo($points[count($points) - 1]) < 1e-9) {
            array_pop($points);
        }

        return count($points) >= 3
            ? new self($points)
            : throw new \InvalidArgumentException('An outline has at least three points.');
    }

    /** Shoelace formula, mm²; never negative. */
    public function area(): float
    {
        return abs($this->signedArea());
    }

    private function signedArea(): float
    {
        $sum = 0.0;
        foreach ($this->points as $index => $point) {
            $next = $this->points[($index + 1) % count($this->points)];
            $sum += $point->x * $next->y - $next->x * $point->y;
        }

        return $sum / 2;
    }

    public function perimeter(): float
    {
        $sum = 0.0;
        foreach ($this->points as $index => $point) {
            $sum += $point->distanceTo($this->points[($index + 1) % count($this->points)]);
        }

        return $sum;
    }

    public function centroid(): Point
    {
        $area = $this->signedArea();
        $x = $y = 0.0;
        foreach ($this->points as $index => $point) {
            $next = $this->points[($index + 1) % count($this->points)];
            $cross = $point->x * $next->y - $next->x * $point->y;
            $x += ($point->x + $next->x) * $cross;
            $y += ($point->y + $next->y) * $cross;
        }

        return abs($area) < 1e-9 ? $this->points[0] : new Point($x / (6 * $area), $y / (6 * $area));
    }

    public function along(): Interval
    {
        $x = array_map(static fn (Point $point): float => $point->x, $this->points);

        return new Interval(min($x), max($x));
    }

    public function across(): Interval
    {
        $y = array_map(static fn (Point $point): float => $point->y, $this->points);

        return new Interval(min($y), max($y));
    }

    /** Where it crosses itself first; null where it goes around once. Touching is no crossing. */
    public function crossing(): ?Point
    {
        $count = count($this->points);
        for ($one = 0; $one < $count; $one++) {
            [$a, $b] = [$this->points[$one], $this->points[($one + 1) % $count]];
            [$left, $right] = [min($a->x, $b->x), max($a->x, $b->x)];
            [$low, $high] = [min($a->y, $b->y), max($a->y, $b->y)];
            for ($two = $one + 2; $two < $count - ($one === 0 ? 1 : 0); $two++) {
                [$c, $d] = [$this->points[$two], $this->points[($two + 1) % $count]];
                if ($c->x < $left && $d->x < $left || $c->x > $right && $d->x > $right || $c->y < $low && $d->y < $low || $c->y > $high && $d->y > $high) {
                    continue;
                }
                $side = static fn (Point $from, Point $to, Point $at): float => ($to->x - $from->x) * ($at->y - $from->y) - ($to->y - $from->y) * ($at->x - $from->x);
                [$ofC, $ofD] = [$side($a, $b, $c), $side($a, $b, $d)];
                if ($ofC * $ofD < 0 && $side($c, $d, $a) * $side($c, $d, $b) < 0) {
                    $share = $ofC / ($ofC - $ofD);

                    return new Point($c->x + $share * ($d->x - $c->x), $c->y + $share * ($d->y - $c->y));
                }
            }
        }

        return null;
    }

    /** How far it reaches across at x, or null beside it; between the outermost crossings. */
    public function acrossAt(float $x): ?Interval
    {
        $crossings = [];
        foreach ($this->points as $index => $point) {
            $next = $this->points[($index + 1) % count($this->points)];
            if (($point->x <= $x) !== ($next->x <= $x)) {
                $crossings[] = $point->y + ($next->y - $point->y) * ($x - $point->x) / ($next->x - $point->x);
            }
        }

        return $crossings === [] ? null : new Interval(min($crossings), max($crossings));
    }

    public function contains(Point $at): bool
    {
        $inside = false;
        foreach ($this->points as $index => $point) {
            $next = $this->points[($index + 1) % count($this->points)];
            if (
                ($point->y > $at->y) !== ($next->y > $at->y)
                && $at->x < $point->x + ($next->x - $point->x) * ($at->y - $point->y) / ($next->y - $point->y)
            ) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /** Nearest distance of a point to the line itself. */
    public function distanceTo(Point $at): float
    {
        $nearest = INF;
        foreach ($this->points as $index => $point) {
            $next = $this->points[($index + 1) % count($this->points)];
            $length = $point->distanceTo($next) ** 2;
            $share = $length < 1e-12 ? 0.0 : max(
                0.0,
                min(
                    1.0,
                    (
                        ($at->x - $point->x) * ($next->x - $point->x) + ($at->y - $point->y) * ($next->y - $point->y)
                    ) / $length,
                ),
            );
            $nearest = min(
                $nearest,
                $at->distanceTo(
                    new Point($point->x + $share * ($next->x - $point->x), $point->y + $share * ($next->y - $point->y)),
                ),
            );
        }

        return $nearest;
    }

    /** Greatest difference of the two halves to each other across y = 0, in mm: 0 for one that is symmetric. */
    public function asymmetry(): float
    {
        $along = $this->along();
        $worst = 0.0;
        for ($step = 1; $step < 60; $step++) {
            $across = $this->acrossAt($along->from + $along->length() * $step / 60);
            $worst = max($worst, $across === null ? 0.0 : abs($across->from + $across->to));
        }

        return $worst;
    }

    public function mirrored(): self
    {
        return new self(array_map(static fn (Point $point): Point => $point->scaled(1, -1), $this->points));
    }

    public function fitted(float $scale, float $x, float $y): self
    {
        return new self(
            array_map(static fn (Point $point): Point => $point->scaled($scale, $scale)->moved($x, $y), $this->points),
        );
    }

    /**
     * The same with fewer points, none of those left out farther from the line than the tolerance (Douglas and
     * Peucker).
     */
    public function simplified(float $tolerance): self
    {
        $open = [...$this->points, $this->points[0]];
        $keep = [0 => true, count($open) - 1 => true, intdiv(count($open), 2) => true];
        $spans = [[0, intdiv(count($open), 2)], [intdiv(count($open), 2), count($open) - 1]];
        while ($spans !== []) {
            [$from, $to] = array_pop($spans);
            $farthest = 0.0;
            $at = $from;
            for ($index = $from + 1; $index < $to; $index++) {
                $distance = self::offLine($open[$index], $open[$from], $open[$to]);
                if ($distance > $farthest) {
                    [$farthest, $at] = [$distance, $index];
                }
            }
            if ($farthest > $tolerance) {
                $keep[$at] = true;
                array_push($spans, [$from, $at], [$at, $to]);
            }
        }
        ksort($keep);

        return self::of(array_map(static fn (int $index): Point => $open[$index], array_keys($keep)));
    }

    private static function offLine(Point $at, Point $from, Point $to): float
    {
        $length = $from->distanceTo($to);

        return $length < 1e-9
            ? $at->distanceTo($from)
            : abs(($to->x - $from->x) * ($from->y - $at->y) - ($from->x - $at->x) * ($to->y - $from->y)) / $length;
    }
}

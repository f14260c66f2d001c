<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\Contour;
use Regimen\Instrument\Body\EdgeShape;
use Regimen\Instrument\Specification;

/**
 * What rounded or bevelled edges and the contours take off a body (CALCULATIONS T6), in mm³, at any depth under its
 * top.
 *
 * A round of radius r takes (1 − π/4) r² for each length of edge, a bevel of r takes r²/2, on both faces all round. A
 * contour is a wedge: so deep at the edge, so far in, falling off to both ends like a parabola along a share of the
 * outline; its measures are a house convention.
 */
final readonly class TakenOff
{
    /** Depth at the edge and how far in it reaches, in mm, and the share of the outline it runs along. */
    private const FOREARM = [12.0, 55.0, 0.14];

    private const BELLY = [16.0, 65.0, 0.12];

    /** Of a parabola under its rectangle. */
    private const PARABOLA = 2 / 3;

    private function __construct(private Specification $specification, private float $around)
    {
    }

    public static function from(Specification $specification, Polygon $outline): self
    {
        return new self($specification, $outline->perimeter());
    }

    /** All of it. */
    public function total(): float
    {
        return $this->between(0.0, $this->specification->bodyThickness()->mm);
    }

    /** Between two depths under the top. */
    public function between(float $from, float $to): float
    {
        $whole = $this->specification->bodyThickness()->mm;

        return $this->under($to) - $this->under($from) + $this->over($whole - $from) - $this->over($whole - $to);
    }

    /** From the top down to a depth: the upper edge and the forearm. */
    private function under(float $depth): float
    {
        return $this->edge($depth) + ($this->has(Contour::Forearm) ? $this->wedge($depth, self::FOREARM) : 0.0);
    }

    /** From the back up to a height: the lower edge and the belly. */
    private function over(float $height): float
    {
        return $this->edge($height) + ($this->has(Contour::Belly) ? $this->wedge($height, self::BELLY) : 0.0);
    }

    private function has(Contour $contour): bool
    {
        return in_array($this->specification->bodywork->contours, [$contour, Contour::Both], true);
    }

    private function edge(float $depth): float
    {
        $radius = $this->specification->bodywork->edgeRadius->mm;
        $in = max(0.0, min($radius, $depth));

        return $this->around * match ($this->specification->bodywork->edges) {
            EdgeShape::Square => 0.0,
            EdgeShape::Bevel => $radius * $in - $in ** 2 / 2,
            EdgeShape::Round => $radius * $in - self::underArc($radius, $in),
        };
    }

    /** ∫ √(r² − (r − z)²) dz from 0 to depth: a quarter of the circle at depth r. */
    private static function underArc(float $radius, float $depth): float
    {
        if ($radius <= 0.0) {
            return 0.0;
        }
        $left = $radius - $depth;

        return ($radius ** 2 * acos(min(1.0, $left / $radius)) - $left * sqrt(max(0.0, $radius ** 2 - $left ** 2))) / 2;
    }

    /** @param  array{float, float, float}  $measures */
    private function wedge(float $depth, array $measures): float
    {
        [$deep, $reach, $share] = $measures;
        $in = max(0.0, min($deep, $depth));

        return self::PARABOLA * $share * $this->around * $reach * ($in - $in ** 2 / (2 * $deep));
    }
}

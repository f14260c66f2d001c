<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Interval;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;
use Regimen\Units\Words;

/** The neck under its board (CALCULATIONS G9, G10), in millimetres from the nut. */
final readonly class NeckShape
{
    private const STEPS = 24;

    /** @param  list<array{float, float}>  $curve  x and thickness, along the neck */
    private function __construct(private Specification $specification, private BoardShape $board, private array $curve)
    {
    }

    public static function from(Specification $s): self
    {
        $frets = $s->frets();
        $curve = [
            [$frets->position(1)->mm, $s->neck->thicknessFirst->mm],
            [$frets->position(12)->mm, $s->neck->thicknessTwelfth->mm],
        ];
        foreach ($s->neck->depthCurve as [$fret, $thickness]) {
            $curve[] = [$frets->position((int) round(max(0, min(36, $fret))))->mm, max(10.0, $thickness)];
        }
        usort($curve, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($s, BoardShape::from($s), $curve);
    }

    /** G9: thickness with the board, on a straight line between the depths that are given, carried on beyond them. */
    public function thicknessAt(float $x): float
    {
        $count = count($this->curve);
        $index = 1;
        while ($index < $count - 1 && $x > $this->curve[$index][0]) {
            $index++;
        }
        [$fromX, $from] = $this->curve[$index - 1];
        [$toX, $to] = $this->curve[$index];

        return $toX - $fromX < 1e-9 ? $to : $from + ($to - $from) * ($x - $fromX) / ($toX - $fromX);
    }

    /** G10: timber under the rod's channel at x, thickness with the board − board − depth of the channel. */
    public function leftUnderRod(float $x): Term
    {
        $neck = $this->specification->neck;
        if ($neck->rods > 1) {
            $off = ($neck->rodSpacing->mm + $neck->rodWidth->mm) / 2;
            $depth = min($this->depthAt($x, $off), $this->depthAt($x, -$off));

            return Term::worded($depth, 'the back '.Words::mm($off).' off the centre, under the glue line, '.Words::number($depth))->minus(Term::of($neck->rodDepth));
        }

        return Term::of($this->thicknessAt($x))
            ->minus(Term::of($this->board->thickness))
            ->minus(Term::of($this->specification->neck->rodDepth));
    }

    /** Where the rod's channel begins and ends. */
    public function rodEnds(): Interval
    {
        $length = $this->specification->neck->rodLength->mm;

        return $this->specification->neck->rodAccess === \Regimen\Instrument\Neck\RodAccess::Headstock
            ? new Interval(-8.0, $length - 8.0)
            : new Interval($this->board->length - $length, $this->board->length);
    }

    /**
     * The section at x without its board, from the treble edge round the back to the bass edge; y across, z down from
     * the glue line. The back is a superellipse whose exponent is the profile's; on the treble side it is slimmer by
     * the asymmetry.
     *
     * @return list<Point>
     */
    public function backAt(float $x): array
    {
        $half = $this->board->widthAt($x) / 2;
        $depth = max(1.0, $this->thicknessAt($x) - $this->board->thickness);
        $exponent = 2 / $this->specification->neck->profile->exponent();
        $slimmer = $this->specification->neck->asymmetry->mm;
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $angle = M_PI * $step / self::STEPS;
            $across = -cos($angle);
            $down = sin($angle) ** $exponent * ($depth - max(0.0, -$across) * $slimmer);
            $points[] = new Point($half * ($across <=> 0.0) * abs($across) ** $exponent, $down);
        }

        return $points;
    }

    /** How deep the back lies under the glue line at x, y off the centre, in mm; 0 beyond the neck. */
    public function depthAt(float $x, float $y): float
    {
        $before = null;
        foreach ($this->backAt($x) as $point) {
            if ($before !== null && $y >= $before->x && $y <= $point->x) {
                return $before->y + ($point->y - $before->y) * ($y - $before->x) / max(1e-9, $point->x - $before->x);
            }
            $before = $point;
        }

        return 0.0;
    }

    /** @return non-empty-list<float> off the centre line, the middles of the rods’ channels, in mm */
    public function rodsAcross(): array
    {
        $neck = $this->specification->neck;

        return $neck->rods > 1 ? [-$neck->rodSpacing->mm / 2, $neck->rodSpacing->mm / 2] : [0.0];
    }

    /** Area of the section without the board at x, mm². */
    public function areaAt(float $x): float
    {
        return Polygon::of($this->backAt($x))->area();
    }
}

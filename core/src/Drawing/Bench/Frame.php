<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Drawing\Shape;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** A part of a bench drawing with a scale of its own. All places are in millimetres of the piece. */
final readonly class Frame
{
    public function __construct(private Sketch $sketch, private float $times, private float $x, private float $y)
    {
    }

    /** Where a place of the piece lies in the drawing. */
    public function at(float $x, float $y): Point
    {
        return new Point($this->x + $this->times * $x, $this->y + $this->times * $y);
    }

    /** @param  list<Point>  $points */
    public function closed(array $points, string $fill = '', string $style = 'line'): self
    {
        $this->sketch->add(Shape::closed($this->all($points), '', $style, $fill));

        return $this;
    }

    /** @param  list<Point>  $points */
    public function open(array $points, string $style = 'line'): self
    {
        $this->sketch->add(Shape::open($this->all($points), '', $style));

        return $this;
    }

    public function line(float $x1, float $y1, float $x2, float $y2, string $style = 'line'): self
    {
        return $this->open([new Point($x1, $y1), new Point($x2, $y2)], $style);
    }

    public function box(float $x, float $y, float $width, float $height, string $fill = '', string $style = 'line'): self
    {
        return $this->closed([
            new Point($x, $y), new Point($x + $width, $y), new Point($x + $width, $y + $height), new Point($x, $y + $height),
        ], $fill, $style);
    }

    public function circle(float $x, float $y, float $radius, string $fill = '', string $style = 'line'): self
    {
        $this->sketch->add(Shape::circle($this->at($x, $y), $radius * $this->times, '', $style, $fill));

        return $this;
    }

    /** Timber that is taken away: a few strokes across. */
    public function hatched(float $x, float $y, float $width, float $height, float $every): self
    {
        $this->box($x, $y, $width, $height, 'paper');
        for ($at = $x + $every / 2; $at < $x + $width; $at += $every) {
            $this->line($at, $y + $height, min($x + $width, $at + $every / 2), $y, 'thin');
        }

        return $this;
    }

    /**
     * A length in both units, its line so many units beside what it measures.
     *
     * @param  float|null  $mm  what is written, where it is not what is drawn
     */
    public function dim(float $x1, float $y1, float $x2, float $y2, float $beside, ?float $mm = null, string $after = '', int $decimals = 1): self
    {
        $length = $mm ?? hypot($x2 - $x1, $y2 - $y1);
        $this->sketch->add(...Shape::dimension(
            $this->at($x1, $y1), $this->at($x2, $y2), $beside, self::both($length, $decimals).($after === '' ? '' : " {$after}"), Sketch::LETTER,
        ));

        return $this;
    }

    public function words(float $x, float $y, string $words, string $anchor = 'start', float $right = 0.0, float $down = 0.0): self
    {
        $this->sketch->words($this->at($x, $y)->moved($right, $down), $words, $anchor);

        return $this;
    }

    public function mark(string $line, string $place, float $x, float $y): self
    {
        $this->sketch->mark($line, $place, $this->at($x, $y));

        return $this;
    }

    public static function both(float $mm, int $decimals = 1): string
    {
        return Words::number($mm, $decimals).' · '.Words::inches($mm);
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private function all(array $points): array
    {
        return array_map(fn (Point $point): Point => $this->at($point->x, $point->y), $points);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;

/** A drawing for the bench, as wide as a telephone: 360 units, with letters of 13. Each part of it has a frame of its own. */
final class Sketch
{
    public const WIDTH = 360.0;

    public const LETTER = 13.0;

    /** @var list<Shape> */
    private array $shapes = [];

    /** @var array<string, Point> */
    private array $marks = [];

    /**
     * A frame in which a stretch of millimetres lies across the drawing.
     *
     * @param  float  $from  mm at its left end
     * @param  float  $to  mm at its right end
     * @param  float  $down  where its zero line lies, in units from the top
     * @param  float  $left  units left free at the left
     * @param  float  $right  and at the right
     */
    public function across(float $from, float $to, float $down, float $left = 16.0, float $right = 16.0): Frame
    {
        $times = (self::WIDTH - $left - $right) / max(1.0, $to - $from);

        return new Frame($this, $times, $left - $times * $from, $down);
    }

    /** A frame so many times as large as life, around a place in units. */
    public function enlarged(float $times, float $x, float $y): Frame
    {
        return new Frame($this, $times, $x, $y);
    }

    public function add(Shape ...$shapes): self
    {
        array_push($this->shapes, ...$shapes);

        return $this;
    }

    /** @param  Point  $at  in units */
    public function words(Point $at, string $words, string $anchor = 'start', string $style = 'dimension'): self
    {
        return $this->add(Shape::words($at, $words, self::LETTER, $anchor, $style));
    }

    /** @param  Point  $at  in units */
    public function mark(string $line, string $place, Point $at): self
    {
        $this->marks["{$line}|{$place}"] = $at;

        return $this;
    }

    public function titled(string $title): BenchDrawing
    {
        return new BenchDrawing(new View('bench', $title, $this->shapes), $this->marks);
    }
}

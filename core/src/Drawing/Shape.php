<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Geometry\Point;

/** One line, circle, word or dimension of a drawing, in millimetres. */
final readonly class Shape
{
    public const LINE = 'line';

    public const CIRCLE = 'circle';

    public const WORDS = 'words';

    /** Markers, bright on any board. */
    public const SHELL = '#f3efe2';

    /**
     * @param  list<Point>  $points  of a line, or the one place of a circle or of words
     * @param  string  $layer  of what it belongs to in an export: outline, slots, markers, centre, holes, cavities;
     *   empty for what is only shown
     * @param  string  $style  how it is drawn: line, thin, hidden, string, fret, solid, dimension, warn
     * @param  string  $fill  a colour, `paper`, `ink` or nothing
     * @param  string  $part  neck, fretboard or body, where it fills as that piece gets made
     */
    private function __construct(
        public string $kind,
        public array $points,
        public string $layer,
        public string $style,
        public string $fill = '',
        public string $part = '',
        public bool $closed = false,
        public float $radius = 0.0,
        public string $words = '',
        public string $anchor = 'middle',
        public float $size = 0.0,
    ) {
    }

    /** @param  list<Point>  $points */
    public static function closed(
        array $points,
        string $layer = 'outline',
        string $style = 'line',
        string $fill = '',
        string $part = '',
    ): self {
        return new self(self::LINE, $points, $layer, $style, $fill, $part, true);
    }

    /** @param  list<Point>  $points */
    public static function open(array $points, string $layer = '', string $style = 'line', string $part = ''): self
    {
        return new self(self::LINE, $points, $layer, $style, '', $part);
    }

    public static function line(
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        string $layer = '',
        string $style = 'line',
        string $part = '',
    ): self {
        return self::open([new Point($x1, $y1), new Point($x2, $y2)], $layer, $style, $part);
    }

    public static function box(
        float $x,
        float $y,
        float $width,
        float $height,
        string $layer = '',
        string $style = 'line',
        string $fill = '',
        string $part = '',
    ): self {
        return self::closed(
            [
                new Point($x, $y), new Point($x + $width, $y), new Point($x + $width, $y + $height),
                new Point($x, $y + $height),
            ],
            $layer,
            $style,
            $fill,
            $part,
        );
    }

    public static function circle(
        Point $at,
        float $radius,
        string $layer = '',
        string $style = 'line',
        string $fill = '',
        string $part = '',
    ): self {
        return new self(self::CIRCLE, [$at], $layer, $style, $fill, $part, true, $radius);
    }

    /**
     * @param  float  $size  of the letters in mm of the drawing
     * @param  string  $colour  where they stand on timber and the page's ink would not be read
     */
    public static function words(
        Point $at,
        string $words,
        float $size,
        string $anchor = 'middle',
        string $style = 'dimension',
        string $colour = '',
    ): self {
        return new self(self::WORDS, [$at], '', $style, $colour, '', false, 0.0, $words, $anchor, $size);
    }

    /**
     * A dimension between two places, its line moved away by an offset across, with its words in the middle.
     *
     * @return list<self>
     */
    public static function dimension(Point $from, Point $to, float $offset, string $words, float $size): array
    {
        $length = max(1e-6, $from->distanceTo($to));
        $across = new Point(-($to->y - $from->y) / $length * $offset, ($to->x - $from->x) / $length * $offset);
        $a = $from->moved($across->x, $across->y);
        $b = $to->moved($across->x, $across->y);
        $arrow = static fn (Point $at, float $sign): self => self::closed([
            $at,
            new Point(
                $at->x + $sign * ($to->x - $from->x) / $length * $size * 0.7 - ($to->y - $from->y) / $length * $size
                    * 0.2,
                $at->y + $sign * ($to->y - $from->y) / $length * $size * 0.7 + ($to->x - $from->x) / $length * $size
                    * 0.2,
            ),
            new Point(
                $at->x + $sign * ($to->x - $from->x) / $length * $size * 0.7 + ($to->y - $from->y) / $length * $size
                    * 0.2,
                $at->y + $sign * ($to->y - $from->y) / $length * $size * 0.7 - ($to->x - $from->x) / $length * $size
                    * 0.2,
            ),
        ], '', 'dimension', 'ink');
        $upright = abs($to->y - $from->y) > abs($to->x - $from->x);
        $left = $upright && $across->x < 0;
        $middle = new Point(
            ($a->x + $b->x) / 2 + ($upright ? ($left ? -0.4 : 0.4) * $size : 0.0),
            ($a->y + $b->y) / 2 + ($upright ? $size * 0.35 : -$size * 0.35),
        );

        return [
            self::open([$from, $a], '', 'dimension'), self::open([$to, $b], '', 'dimension'),
            self::open([$a, $b], '', 'dimension'),
            $arrow($a, 1.0), $arrow($b, -1.0),
            self::words($middle, $words, $size, $upright ? ($left ? 'end' : 'start') : 'middle'),
        ];
    }

    public function isDimension(): bool
    {
        return $this->style === 'dimension';
    }

    /** Its line alone, without a fill. */
    public function bare(): self
    {
        return new self(
            $this->kind, $this->points, $this->layer, $this->style === 'plain' ? 'thin' : $this->style, '', '',
            $this->closed, $this->radius,
        );
    }

    public function moved(float $x, float $y): self
    {
        return new self(
            $this->kind, array_map(static fn (Point $point): Point => $point->moved($x, $y), $this->points),
            $this->layer, $this->style, $this->fill, $this->part, $this->closed, $this->radius, $this->words,
            $this->anchor, $this->size,
        );
    }
}

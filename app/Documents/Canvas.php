<?php

declare(strict_types=1);

namespace App\Documents;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;

/** A PDF page that views are drawn on. */
final class Canvas
{
    /** Points of the smallest figure in a drawing. */
    private const LEAST = 8.0;

    /** One point, 1/72 in. */
    private const MM = 25.4 / 72;

    private const INK = [34, 32, 27];

    private const QUIET = [107, 100, 85];

    private const BRIGHT = [248, 245, 237];

    private const RUST = [168, 57, 27];

    public readonly HousePdf $pdf;

    /** @param  string  $orientation  P or L */
    public function __construct(string $title, Paper $paper, string $orientation, int $timestamp)
    {
        $this->pdf = new HousePdf($orientation, $paper->size());
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setMargins(0, 0, 0);
        $this->pdf->setCellPaddings(0, 0, 0, 0);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->setTitle($title);
        $this->pdf->setCreator('Regimen');
        $this->pdf->identify($title, $timestamp);
        $this->pdf->setViewerPreferences(['PrintScaling' => 'None']);
    }

    /**
     * A view with its own origin put at a place of the page, at a scale; on timber that is filled in, frets are bright.
     *
     * @param  array{float, float, float, float}|null  $window  left, top, right and bottom of what is shown of it
     */
    public function draw(
        View $view,
        float $x,
        float $y,
        float $scale = 1.0,
        bool $timber = false,
        ?array $window = null,
    ): void {
        foreach ($view->shapes as $shape) {
            $aside = $window === null || $shape->kind !== Shape::WORDS ? 0.0 : $this->aside($window, $shape, $x, $y, $scale);
            if ($aside !== null) {
                $this->shape($shape, $x + $aside, $y, $scale, $timber);
            }
        }
    }

    /**
     * How far words are moved aside to stand within a window; null when their middle is outside of it: what is not seen
     * on a sheet is not written on it either.
     *
     * @param  array{float, float, float, float}  $window
     */
    private function aside(array $window, Shape $shape, float $x, float $y, float $scale): ?float
    {
        [$left, $top, $right, $bottom] = $window;
        $points = $this->points($shape, $scale);
        $width = $this->width($shape->words, $points, Face::Text);
        $from = $x + $shape->points[0]->x * $scale - match ($shape->anchor) {
            'middle' => $width / 2,
            'end' => $width,
            default => 0.0,
        };
        $line = $y + $shape->points[0]->y * $scale;
        $isIn = $from + $width / 2 >= $left && $from + $width / 2 <= $right
            && $line - $points * self::MM >= $top && $line <= $bottom;

        return $isIn ? max($left, min($from, $right - $width)) - $from : null;
    }

    private function points(Shape $shape, float $scale): float
    {
        return max(self::LEAST, $shape->size * $scale * 2.5);
    }

    private function shape(Shape $shape, float $x, float $y, float $scale, bool $timber): void
    {
        $at = static fn (Point $point): array => [$x + $point->x * $scale, $y + $point->y * $scale];
        $first = $at($shape->points[0]);
        if ($shape->kind === Shape::WORDS) {
            $this->words($shape->words, $first[0], $first[1], $this->points($shape, $scale), $shape->anchor);

            return;
        }
        $this->pdf->setLineStyle(
            [
                'width' => in_array($shape->style, ['line', 'warn'], true) ? 0.25 : 0.13,
                'color' => $this->stroke($shape->style, $timber),
                'dash' => $shape->style === 'hidden' ? '2,1.5' : 0,
            ],
        );
        $fill = $this->fill($shape->fill);
        $mode = $fill === [] ? 'S' : ($shape->style === 'plain' ? 'F' : 'DF');
        if ($shape->kind === Shape::CIRCLE) {
            $this->pdf->Circle($first[0], $first[1], $shape->radius * $scale, 0, 360, $mode, [], $fill);

            return;
        }
        $points = array_merge(...array_map($at, $shape->points));
        $shape->closed
            ? $this->pdf->Polygon($points, $mode, [], $fill, true)
            : $this->pdf->PolyLine($points, 'S', [], []);
    }

    public function heading(string $words, float $x, float $y, float $points): void
    {
        $this->words($words, $x, $y, $points, 'start', Face::Heading);
    }

    public function figures(string $words, float $x, float $y, float $points, string $anchor = 'start'): void
    {
        $this->words($words, $x, $y, $points, $anchor, Face::Figures);
    }

    /** @param  float  $y  of the line that letters stand on */
    public function words(
        string $words,
        float $x,
        float $y,
        float $points,
        string $anchor = 'start',
        Face $face = Face::Text,
    ): void {
        $x -= match ($anchor) {
            'middle' => $this->width($words, $points, $face) / 2,
            'end' => $this->width($words, $points, $face),
            default => 0.0,
        };
        foreach ($face->runs($words) as [$font, $run]) {
            $this->use($font, $points);
            $this->pdf->Text($x, $y - $this->pdf->getFontAscent($font, '', $points), $run);
            $x += $this->pdf->GetStringWidth($run);
        }
    }

    /** @return float in mm */
    private function width(string $words, float $points, Face $face): float
    {
        $width = 0.0;
        foreach ($face->runs($words) as [$font, $run]) {
            $this->use($font, $points);
            $width += $this->pdf->GetStringWidth($run);
        }

        return $width;
    }

    private function use(string $font, float $points): void
    {
        $this->pdf->setFont($font, '', $points, Face::file($font));
    }

    /**
     * Words on as many lines as they need.
     *
     * @param  float  $room  in mm
     * @return list<string>
     */
    public function wrapped(string $words, float $points, float $room, Face $face = Face::Text): array
    {
        $lines = [];
        foreach (preg_split('/\R/u', $words, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $paragraph) {
            $line = '';
            foreach (explode(' ', $paragraph) as $word) {
                $longer = trim("{$line} {$word}");
                if ($line !== '' && $this->width($longer, $points, $face) > $room) {
                    $lines[] = $line;
                    $longer = $word;
                }
                $line = $longer;
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return array{int, int, int} */
    private function stroke(string $style, bool $timber): array
    {
        return match ($timber && $style === 'fret' ? 'bright' : $style) {
            'bright' => self::BRIGHT,
            'hidden', 'dimension' => self::QUIET,
            'warn' => self::RUST,
            default => self::INK,
        };
    }

    /** @return list<int> */
    private function fill(string $fill): array
    {
        return match (true) {
            $fill === 'paper' => [255, 255, 255],
            $fill === 'ink' => self::INK,
            $fill === 'rust' => self::RUST,
            preg_match('/^#[0-9a-f]{6}$/', $fill) === 1 => array_map(
                static fn (string $part): int => (int) hexdec($part), str_split(substr($fill, 1), 2),
            ),
            default => [],
        };
    }

    public function output(): string
    {
        return $this->pdf->bytes();
    }
}

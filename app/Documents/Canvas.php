<?php

declare(strict_types=1);

namespace App\Documents;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;

/** A PDF page that views are drawn on. */
final class Canvas
{
    public const FONT = 'dejavusans';

    /** Points of the smallest figure in a drawing. */
    private const LEAST = 8.0;

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
        $this->pdf->setDocCreationTimestamp($timestamp);
        $this->pdf->setDocModificationTimestamp($timestamp);
        $this->pdf->setFont(self::FONT, '', 8);
        $this->pdf->setViewerPreferences(['PrintScaling' => 'None']);
    }

    /**
     * A view with its own origin put at a place of the page, at a scale; on timber that is filled in, frets are bright.
     */
    public function draw(View $view, float $x, float $y, float $scale = 1.0, bool $timber = false): void
    {
        foreach ($view->shapes as $shape) {
            $this->shape($shape, $x, $y, $scale, $timber);
        }
    }

    private function shape(Shape $shape, float $x, float $y, float $scale, bool $timber): void
    {
        $at = static fn (Point $point): array => [$x + $point->x * $scale, $y + $point->y * $scale];
        $first = $at($shape->points[0]);
        if ($shape->kind === Shape::WORDS) {
            $this->words($shape->words, $first[0], $first[1], max(self::LEAST, $shape->size * $scale * 2.5), $shape->anchor);

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

    public function words(string $words, float $x, float $y, float $points, string $anchor = 'start'): void
    {
        $this->pdf->setFont(self::FONT, '', $points);
        $width = $this->pdf->GetStringWidth($words);
        $this->pdf->Text(match ($anchor) {
            'middle' => $x - $width / 2,
            'end' => $x - $width,
            default => $x,
        }, $y - $points * 0.352778 * 0.95, $words);
    }

    /**
     * Words on as many lines as they need.
     *
     * @param  float  $room  in mm
     * @return list<string>
     */
    public function wrapped(string $words, float $points, float $room): array
    {
        if ($words === '') {
            return [];
        }
        $this->pdf->setFont(self::FONT, '', $points);
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            $longer = trim($lines[count($lines) - 1]." {$word}");
            if ($this->pdf->GetStringWidth($longer) > $room) {
                $lines[] = $word;
            } else {
                $lines[count($lines) - 1] = $longer;
            }
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

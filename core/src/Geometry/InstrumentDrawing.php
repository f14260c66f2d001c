<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Instrument\Hand;
use Regimen\Instrument\InstrumentType;
use Regimen\Instrument\Specification;

/**
 * The instrument from the front, to scale, in millimetres: the strings run along x from the nut at 0 towards the body,
 * the centre line is y = 0. Outlines of body and headstock are the house's own and grow with the scale.
 */
final readonly class InstrumentDrawing
{
    private const NECK_OVER_BODY = 0.36;

    /** The right-handed body from its neck end: cubic curves in units of the body's length and half width. */
    private const BODY = [
        [[0.05, -0.26], [-0.06, -0.62], [-0.04, -0.93], [0.16, -0.90]],
        [[0.31, -0.87], [0.34, -0.66], [0.47, -0.70]],
        [[0.63, -0.75], [0.70, -1.00], [0.85, -0.93]],
        [[1.05, -0.82], [1.05, 0.86], [0.84, 0.95]],
        [[0.70, 1.01], [0.62, 0.76], [0.48, 0.72]],
        [[0.36, 0.69], [0.34, 0.84], [0.22, 0.84]],
        [[0.08, 0.83], [0.03, 0.56], [0.08, 0.26]],
    ];

    private function __construct(private Specification $specification)
    {
    }

    public static function of(Specification $specification): self
    {
        return new self($specification);
    }

    /** @return array{float, float, float, float} x, y, width and height that hold the drawing with a margin */
    public function viewBox(): array
    {
        $left = -$this->headLength() - 10;
        [$start, $length, $half] = $this->bodyBox();

        return [$left, -$half - 8, $start + $length * 1.06 + 10 - $left, 2 * $half + 16];
    }

    public function body(): string
    {
        [$start, $length, $half] = $this->bodyBox();
        $at = fn (array $point): string => self::point($start + $point[0] * $length, $this->mirrored($point[1] * $half));
        $path = '';
        foreach (self::BODY as $index => $curve) {
            $path .= $index === 0 ? 'M'.$at(array_shift($curve)).' ' : '';
            $path .= 'C'.implode(' ', array_map($at, $curve)).' ';
        }

        return $path.'Z';
    }

    public function neck(): string
    {
        $nut = $this->specification->nutWidth->mm / 2;
        $end = $this->bodyBox()[0] + self::NECK_OVER_BODY * 90;
        $head = $this->headLength();
        $wide = $nut + ($this->specification->type === InstrumentType::Bass ? 22 : 17);
        $points = [
            [$end, -$this->halfWidthAt($end)], [0, -$nut], [-0.16 * $head, -$nut * 1.02], [-0.3 * $head, -$wide * 0.95],
            [-0.93 * $head, -$wide * 0.8], [-$head, -$wide * 0.45], [-0.94 * $head, $wide * 0.72], [-0.3 * $head, $wide * 0.86],
            [-0.14 * $head, $nut * 1.04], [0, $nut], [$end, $this->halfWidthAt($end)],
        ];

        return 'M'.implode(' L', array_map(fn (array $point): string => self::point($point[0], $this->mirrored($point[1])), $points)).' Z';
    }

    public function board(): string
    {
        $length = $this->specification->boardLength()->mm;
        $nut = $this->specification->nutWidth->mm / 2;
        $half = $this->halfWidthAt($length);

        return 'M'.self::point(0, -$nut).' L'.self::point($length, -$half).' L'.self::point($length, $half).' L'.self::point(0, $nut).' Z';
    }

    /** @return list<array{float, float}> x and half width of each fret */
    public function frets(): array
    {
        return array_map(fn ($position): array => [self::rounded($position->mm), self::rounded($this->halfWidthAt($position->mm))], $this->specification->frets()->positions());
    }

    /** @return list<array{float, float, float, float}> x, y, width and height of each pickup, spread between board and bridge */
    public function pickups(): array
    {
        $from = $this->specification->boardLength()->mm + 14;
        $to = $this->specification->scale->mm - 18;
        $half = $this->halfWidthAt($this->specification->scale->mm) * 0.92;
        $count = $this->specification->pickups;
        $boxes = [];
        for ($index = 0; $index < $count; $index++) {
            $middle = $count === 1 ? $to - 28 : $from + 16 + ($to - $from - 32) * $index / ($count - 1);
            $boxes[] = [self::rounded($middle - 14), self::rounded(-$half), 28.0, self::rounded(2 * $half)];
        }

        return $boxes;
    }

    /** @return array{float, float, float, float} the bridge, its front at the scale line */
    public function bridge(): array
    {
        $half = $this->halfWidthAt($this->specification->scale->mm) + 5;

        return [self::rounded($this->specification->scale->mm - 3), self::rounded(-$half), 16.0, self::rounded(2 * $half)];
    }

    /** @return list<array{float, float, float, float}> x and y of each string at its tuner and at the bridge */
    public function strings(): array
    {
        $count = $this->specification->strings;
        $head = $this->headLength();
        $nut = $this->specification->nutWidth->mm / 2 - 3;
        $bridge = $this->halfWidthAt($this->specification->scale->mm) - 3;
        $lines = [];
        for ($index = 0; $index < $count; $index++) {
            $side = 2 * $index / max(1, $count - 1) - 1;
            $tuner = -$head * (0.28 + 0.58 * ($count - 1 - $index) / max(1, $count - 1));
            $lines[] = [self::rounded($tuner), self::rounded($this->mirrored($side * $nut * 1.05)), self::rounded($this->specification->scale->mm), self::rounded($this->mirrored($side * $bridge))];
        }

        return $lines;
    }

    private function headLength(): float
    {
        return 120.0 + 10 * $this->specification->strings;
    }

    /** @return array{float, float, float} where the body begins, how long it is and half its width */
    private function bodyBox(): array
    {
        $bass = $this->specification->type === InstrumentType::Bass;
        $start = $this->specification->frets()->position(min(16, $this->specification->frets))->mm;

        return [$start, $this->specification->scale->mm + ($bass ? 70 : 85) - $start, $bass ? 165.0 : 158.0];
    }

    private function halfWidthAt(float $x): float
    {
        return $this->specification->nutWidth->mm / 2 * (1 + (FretWire::TAPER - 1) * $x / $this->specification->boardLength()->mm);
    }

    private function mirrored(float $y): float
    {
        return $this->specification->hand === Hand::Left ? -$y : $y;
    }

    private static function point(float $x, float $y): string
    {
        return self::rounded($x).' '.self::rounded($y);
    }

    private static function rounded(float $mm): float
    {
        return round($mm, 2) + 0.0;
    }
}

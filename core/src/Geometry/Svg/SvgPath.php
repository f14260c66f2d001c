<?php

declare(strict_types=1);

namespace Regimen\Geometry\Svg;

use Regimen\Geometry\Bezier;
use Regimen\Geometry\Point;
use Regimen\Units\UnreadableFile;

/** Path data of SVG 1.1 (section 8.3) as one closed line of cubic curves. */
final class SvgPath
{
    private const MOST_SEGMENTS = 4000;

    /** How many numbers each command takes. */
    private const ARGUMENTS = [
        'M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0,
    ];

    /** @var list<array{Point, Point, Point, Point}> from, controls, to */
    private array $curves = [];

    private Point $at;

    private Point $start;

    /**
     * The control point that a smooth command reflects: a cubic one that of a cubic, a quadratic one that of a
     * quadratic.
     */
    private ?Point $control = null;

    private string $before = '';

    private bool $closed = false;

    private function __construct()
    {
        $this->at = $this->start = new Point(0.0, 0.0);
    }

    /** @throws UnreadableFile */
    public static function read(string $data): self
    {
        if (
            preg_match('/^[\s,]*[Mm]/', $data) !== 1
            || preg_match('/[^MmLlHhVvCcSsQqTtAaZz\d\s.,eE+-]/', $data, $strange) === 1
        ) {
            throw UnreadableFile::because(
                '“'.mb_substr($strange[0] ?? $data, 0, 20)
                    .'” is no path data; it begins with M and has commands and numbers.',
            );
        }
        $path = new self;
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])([^MmLlHhVvCcSsQqTtAaZz]*)/', $data, $commands, PREG_SET_ORDER);
        foreach ($commands as $index => [, $command, $numbers]) {
            $path->command($command, $index, $numbers);
        }
        if (
            ! $path->closed
            && ($path->curves === [] || $path->at->distanceTo($path->start) > 1e-6 * max(1.0, $path->extent()))
        ) {
            throw UnreadableFile::because('The path is open; close it with Z or end it where it began.');
        }

        return $path;
    }

    private function command(string $command, int $index, string $text): void
    {
        $name = strtoupper($command);
        $numbers = self::numbers($name, $text);
        $each = self::ARGUMENTS[$name];
        if ($this->closed || $name === 'M' && $index > 0) {
            throw UnreadableFile::because('The path has more than one part; leave only the outline.');
        }
        if ($name === 'Z') {
            $this->line($this->start);
            $this->closed = true;

            return;
        }
        if ($numbers === [] || count($numbers) % max(1, $each) !== 0) {
            throw UnreadableFile::because("“{$command}” takes {$each} numbers at a time and has ".count($numbers).'.');
        }
        foreach (array_chunk($numbers, max(1, $each)) as $turn => $chunk) {
            $this->segment($name === 'M' && $turn > 0 ? 'L' : $name, ctype_lower($command), $chunk);
            if (count($this->curves) > self::MOST_SEGMENTS) {
                throw UnreadableFile::because('The path has more than '.self::MOST_SEGMENTS.' pieces; simplify it.');
            }
        }
    }

    /** @return list<float> */
    private static function numbers(string $name, string $text): array
    {
        $number = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
        if ($name === 'A') {
            $text = (string) preg_replace(
                "/({$number}[\s,]+{$number}[\s,]+{$number}[\s,]+)([01])[\s,]*([01])/", '$1$2 $3 ', $text,
            );
        }
        preg_match_all("/{$number}/", $text, $found);
        if (trim((string) preg_replace("/{$number}|[\s,]/", '', $text)) !== '') {
            throw UnreadableFile::because('“'.mb_substr(trim($text), 0, 20).'” is no list of numbers.');
        }

        return array_map(
            static fn (string $digits): float => abs((float) $digits) <= 1e6
                ? (float) $digits
                : throw UnreadableFile::because("“{$digits}” is too large for an outline."),
            $found[0],
        );
    }

    /** @param  list<float>  $n */
    private function segment(string $name, bool $relative, array $n): void
    {
        $x = $relative ? $this->at->x : 0.0;
        $y = $relative ? $this->at->y : 0.0;
        $point = static fn (int $index): Point => new Point($n[$index] + $x, $n[$index + 1] + $y);
        $alike = in_array($name, ['C', 'S'], true) ? ['C', 'S'] : ['Q', 'T'];
        $reflected = $this->control === null || ! in_array($this->before, $alike, true)
            ? $this->at
            : new Point(2 * $this->at->x - $this->control->x, 2 * $this->at->y - $this->control->y);
        match ($name) {
            'M' => $this->at = $this->start = $point(0),
            'L' => $this->line($point(0)),
            'H' => $this->line(new Point($n[0] + $x, $this->at->y)),
            'V' => $this->line(new Point($this->at->x, $n[0] + $y)),
            'C' => $this->cubic($point(0), $point(2), $point(4)),
            'S' => $this->cubic($reflected, $point(0), $point(2)),
            'Q' => $this->quadratic($point(0), $point(2)),
            'T' => $this->quadratic($reflected, $point(0)),
            default => $this->arc(abs($n[0]), abs($n[1]), deg2rad($n[2]), $n[3] != 0, $n[4] != 0, $point(5)),
        };
        $this->before = $name;
    }

    private function line(Point $to): void
    {
        if ($to->distanceTo($this->at) > 1e-9) {
            $this->curves[] = [$this->at, $this->at, $to, $to];
        }
        $this->at = $to;
    }

    private function cubic(Point $first, Point $second, Point $to): void
    {
        $this->curves[] = [$this->at, $first, $second, $to];
        $this->control = $second;
        $this->at = $to;
    }

    private function quadratic(Point $control, Point $to): void
    {
        $third = static fn (Point $end): Point => new Point(
            $end->x + 2 / 3 * ($control->x - $end->x), $end->y + 2 / 3 * ($control->y - $end->y),
        );
        $this->curves[] = [$this->at, $third($this->at), $third($to), $to];
        $this->control = $control;
        $this->at = $to;
    }

    /** From endpoints to centre as in SVG 1.1, appendix F.6.5, then a cubic for each quarter turn at most. */
    private function arc(float $rx, float $ry, float $turn, bool $large, bool $sweep, Point $to): void
    {
        $half = new Point(($this->at->x - $to->x) / 2, ($this->at->y - $to->y) / 2);
        $cos = cos($turn);
        $sin = sin($turn);
        $u = new Point($cos * $half->x + $sin * $half->y, -$sin * $half->x + $cos * $half->y);
        if ($rx < 1e-12 || $ry < 1e-12 || hypot($u->x, $u->y) < 1e-12) {
            $this->line($to);

            return;
        }
        $grow = sqrt(max(1.0, ($u->x / $rx) ** 2 + ($u->y / $ry) ** 2));
        $rx *= $grow;
        $ry *= $grow;
        $under = ($rx * $u->y) ** 2 + ($ry * $u->x) ** 2;
        $factor = sqrt(max(0.0, (($rx * $ry) ** 2 - $under) / $under)) * ($large === $sweep ? -1 : 1);
        $c = new Point($factor * $rx * $u->y / $ry, -$factor * $ry * $u->x / $rx);
        $centre = new Point(
            $cos * $c->x - $sin * $c->y + ($this->at->x + $to->x) / 2,
            $sin * $c->x + $cos * $c->y + ($this->at->y + $to->y) / 2,
        );
        $from = atan2(($u->y - $c->y) / $ry, ($u->x - $c->x) / $rx);
        $sweepBy = atan2((-$u->y - $c->y) / $ry, (-$u->x - $c->x) / $rx) - $from;
        $sweepBy += $sweep && $sweepBy < 0 ? 2 * M_PI : (! $sweep && $sweepBy > 0 ? -2 * M_PI : 0);
        $place = static fn (float $a, float $b): Point => new Point(
            $centre->x + $cos * $rx * $a - $sin * $ry * $b, $centre->y + $sin * $rx * $a + $cos * $ry * $b,
        );
        $pieces = (int) max(1, ceil(abs($sweepBy) / (M_PI / 2) - 1e-9));
        for ($piece = 0; $piece < $pieces; $piece++) {
            $a = $from + $sweepBy * $piece / $pieces;
            $b = $from + $sweepBy * ($piece + 1) / $pieces;
            $k = 4 / 3 * tan(($b - $a) / 4);
            $end = $piece === $pieces - 1 ? $to : $place(cos($b), sin($b));
            $this->cubic(
                $place(cos($a) - $k * sin($a), sin($a) + $k * cos($a)),
                $place(cos($b) + $k * sin($b), sin($b) - $k * cos($b)), $end,
            );
        }
    }

    /** Largest extent of the control points. */
    public function extent(): float
    {
        $x = $y = [];
        foreach ($this->curves as $curve) {
            foreach ($curve as $point) {
                $x[] = $point->x;
                $y[] = $point->y;
            }
        }

        return $x === [] ? 0.0 : max(max($x) - min($x), max($y) - min($y), 1e-9);
    }

    /** @return list<Point> scaled, with no piece farther from its curve than the tolerance */
    public function flattened(float $scale, float $tolerance = Bezier::TOLERANCE_MM): array
    {
        $points = [];
        foreach ($this->curves as $curve) {
            [$from, $first, $second, $to] = array_map(
                static fn (Point $point): Point => $point->scaled($scale, $scale), $curve,
            );
            if ($points === []) {
                $points[] = $from;
            }
            $straight = $curve[1] === $curve[0] && $curve[2] === $curve[3];
            array_push(
                $points,
                ...($straight ? [$to] : Bezier::flatten($from, $first, $second, $to, $tolerance)),
            );
        }

        return $points;
    }
}

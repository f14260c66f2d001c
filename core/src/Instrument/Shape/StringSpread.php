<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Fretboard\StringSpacing;
use Regimen\Instrument\Specification;
use Regimen\Strings\Gauge;

/**
 * Where the strings run across (CALCULATIONS G13), treble first; on a right-handed instrument with the head to the left
 * the treble has y < 0.
 */
final readonly class StringSpread
{
    /** Two strings of a course are so far apart, in mm; common practice. */
    private const COURSE_MM = 2.0;

    /**
     * @param  list<float>  $nut
     * @param  list<float>  $saddle
     */
    private function __construct(public array $nut, public array $saddle, private float $scale)
    {
    }

    public static function from(Specification $s): self
    {
        $outer = $s->board->nutWidth->mm - 2 * $s->stringing->nutMargin->mm;
        $diameters = array_map(static fn (Gauge $gauge): float => $gauge->diameter->mm, $s->stringing->gauges);
        $even = $s->stringing->spacing === StringSpacing::EqualCentres;
        $nut = self::places($diameters, $outer, $s->isDoubled(), $even, true);
        $saddle = self::places($diameters, $s->stringing->bridgeSpread->mm, $s->isDoubled(), $even, false);
        $sign = $s->brief->hand === Hand::Left ? -1.0 : 1.0;
        $turn = static fn (float $y): float => $sign * $y;

        return new self(array_map($turn, $nut), array_map($turn, $saddle), $s->board->scale->mm);
    }

    /**
     * Centres off the middle.
     *
     * @param  list<float>  $diameters
     * @param  float  $outer  between the outermost edges, or between the outermost centres
     * @return list<float>
     */
    private static function places(array $diameters, float $outer, bool $doubled, bool $even, bool $edges): array
    {
        $count = count($diameters);
        $half = $outer / 2;
        $first = -$half + ($edges ? $diameters[0] / 2 : 0.0);
        $last = $half - ($edges ? $diameters[$count - 1] / 2 : 0.0);
        if ($doubled) {
            return self::courses($diameters, $first, $last, $even);
        }
        if ($even) {
            return array_map(
                static fn (int $index): float => $first + ($last - $first) * $index / ($count - 1),
                range(0, $count - 1),
            );
        }
        $edge = $first - $diameters[0] / 2;
        $gap = ($last + $diameters[$count - 1] / 2 - $edge - array_sum($diameters)) / ($count - 1);
        $places = [];
        foreach ($diameters as $diameter) {
            $places[] = $edge + $diameter / 2;
            $edge += $diameter + $gap;
        }

        return $places;
    }

    /**
     * Courses between the outermost two strings, whose own centres are given: with equal steps, or with equal room
     * between them.
     *
     * @param  list<float>  $diameters
     * @return list<float>
     */
    private static function courses(array $diameters, float $first, float $last, bool $even): array
    {
        $pairs = intdiv(count($diameters), 2);
        $between = static fn (int $pair): float => $even
            ? 0.0
            : ($diameters[2 * $pair - 1] + $diameters[2 * $pair]) / 2;
        $gauges = array_sum(array_map($between, $pairs > 1 ? range(1, $pairs - 1) : []));
        $room = $pairs > 1 ? ($last - $first - $pairs * self::COURSE_MM - $gauges) / ($pairs - 1) : 0.0;
        $places = [];
        for ($pair = 0, $at = $first; $pair < $pairs; $pair++) {
            $at += $pair === 0 ? 0.0 : $room + $between($pair);
            array_push($places, $at, $at + self::COURSE_MM);
            $at += self::COURSE_MM;
        }

        return $places;
    }

    /** Off the centre line at x. */
    public function at(int $string, float $x): float
    {
        return $this->nut[$string] + ($this->saddle[$string] - $this->nut[$string]) * $x / $this->scale;
    }

    /** Between the outermost strings at x, centre to centre. */
    public function spreadAt(float $x): float
    {
        return abs($this->at(count($this->nut) - 1, $x) - $this->at(0, $x));
    }
}

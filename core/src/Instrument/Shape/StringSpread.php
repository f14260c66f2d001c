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
     * @param  list<float>  $nut  off the centre line
     * @param  list<float>  $saddle  off the centre line
     * @param  list<float>  $nutAlong  where the nut stands under each string; 0 where both sides have one scale
     * @param  list<float>  $saddleAlong  where each string’s scale ends
     */
    private function __construct(public array $nut, public array $saddle, public array $nutAlong, public array $saddleAlong)
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

        $middle = $s->middleScale()->mm;
        $fan = $s->fan();
        $square = $fan === null ? 0.0 : $s->frets()->position($fan->square)->mm;

        return new self(
            array_map($turn, $nut), array_map($turn, $saddle),
            array_map(static fn (float $share): float => $fan === null ? 0.0 : $square + $fan->along(0, $share), self::shares($nut)),
            array_map(static fn (float $share): float => $fan === null ? $middle : $square + $fan->saddle($share), self::shares($saddle)),
        );
    }

    /**
     * @param  list<float>  $places
     * @return list<float> of the way from the first string to the last
     */
    private static function shares(array $places): array
    {
        $first = $places[0] ?? 0.0;
        $wide = $places === [] ? 0.0 : $places[count($places) - 1] - $first;

        return array_map(static fn (float $place): float => $wide === 0.0 ? 0.5 : ($place - $first) / $wide, $places);
    }

    /** From its nut to where its scale ends, along the centre line, in mm (CALCULATIONS F1). */
    public function scaleOf(int $string): float
    {
        return $this->saddleAlong[$string] - $this->nutAlong[$string];
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
        return $this->nut[$string] + ($this->saddle[$string] - $this->nut[$string]) * ($x - $this->nutAlong[$string]) / $this->scaleOf($string);
    }

    /** Between the outermost strings at x, centre to centre. */
    public function spreadAt(float $x): float
    {
        return abs($this->at(count($this->nut) - 1, $x) - $this->at(0, $x));
    }
}

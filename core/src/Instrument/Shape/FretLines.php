<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Point;
use Regimen\Instrument\Specification;

/**
 * Nut, frets and the ends of the board as lines across it (CALCULATIONS F1), in mm from the nut: square to the centre line, or straight
 * through where the outer two strings cross them. The first point of a line is the one with less y.
 */
final readonly class FretLines
{
    private function __construct(private Specification $specification, private BoardShape $board, private StringSpread $spread)
    {
    }

    public static function from(Specification $specification): self
    {
        return new self($specification, BoardShape::from($specification), StringSpread::from($specification));
    }

    /**
     * From edge to edge of the board.
     *
     * @param  int  $fret  0 is the nut
     * @return array{Point, Point}
     */
    public function at(int $fret): array
    {
        $along = $this->specification->frets()->position($fret)->mm;
        [$middle, $slope] = $this->line(fn (int $string): float => $this->crossing($string, $fret), $along);

        return $this->across($middle, $slope);
    }

    /** @return array{Point, Point} the end of the board, with the last fret */
    public function end(): array
    {
        $last = $this->specification->frets()->last()->mm;
        [$middle, $slope] = $this->line(fn (int $string): float => $this->crossing($string, $this->specification->board->frets), $last);

        return $this->across($middle + $this->board->length - $last, $slope);
    }

    /** @return list<Point> the board’s outline, round from the nut’s first corner */
    public function outline(): array
    {
        [$nutFirst, $nutLast] = $this->at(0);
        [$endFirst, $endLast] = $this->end();

        return [$nutFirst, $endFirst, $endLast, $nutLast];
    }

    /**
     * The line on which all scales end.
     *
     * @param  float  $half  how far it reaches to each side, in mm
     * @param  float  $behind  how far behind it
     * @return array{Point, Point}
     */
    public function scaleLine(float $half, float $behind = 0.0): array
    {
        [$middle, $slope] = $this->line(fn (int $string): float => $this->spread->saddleAlong[$string], $this->specification->middleScale()->mm, $this->spread->saddle);

        return [new Point($middle + $behind - $slope * $half, -$half), new Point($middle + $behind + $slope * $half, $half)];
    }

    /** By how many degrees a fret stands out of square; above zero where its bass end is nearer to the bridge. */
    public function angle(int $fret): float
    {
        return $this->turned($this->line(fn (int $string): float => $this->crossing($string, $fret), 0.0)[1]);
    }

    /** The same of the line on which all scales end. */
    public function bridgeAngle(): float
    {
        return $this->turned($this->line(fn (int $string): float => $this->spread->saddleAlong[$string], 0.0, $this->spread->saddle)[1]);
    }

    /** From the nut to a fret under a string, along the centre line, in mm. */
    public function fromNut(int $string, int $fret): float
    {
        return $this->crossing($string, $fret) - $this->spread->nutAlong[$string];
    }

    /** How much longer a fret is than one that stands square: 1 or more. */
    public function longer(int $fret): float
    {
        return 1 / cos(deg2rad($this->angle($fret)));
    }

    private function turned(float $slope): float
    {
        $sign = $this->spread->nut[count($this->spread->nut) - 1] >= $this->spread->nut[0] ? 1.0 : -1.0;

        return rad2deg(atan($slope * $sign)) + 0.0;
    }

    private function crossing(int $string, int $fret): float
    {
        return $this->spread->nutAlong[$string] + $this->spread->scaleOf($string) * (1 - 2 ** (-$fret / 12));
    }

    /**
     * Where a line through two outer strings meets the centre line, and by how much it goes on for each mm across.
     *
     * @param  \Closure(int): float  $along  where it crosses a string
     * @param  float  $square  where it lies when it stands square
     * @param  list<float>|null  $across  of the strings there; where they run at that place, if not said
     * @return array{float, float}
     */
    private function line(\Closure $along, float $square, ?array $across = null): array
    {
        if ($this->specification->fan() === null) {
            return [$square, 0.0];
        }
        $last = count($this->spread->nut) - 1;
        [$x, $to] = [$along(0), $along($last)];
        [$y, $end] = $across === null ? [$this->spread->at(0, $x), $this->spread->at($last, $to)] : [$across[0], $across[$last]];
        $slope = ($to - $x) / ($end - $y);

        return [$x - $slope * $y, $slope];
    }

    /** @return array{Point, Point} */
    private function across(float $middle, float $slope): array
    {
        $half = $this->board->widthAt($middle) / 2;
        $widens = ($this->board->widthAt($middle + 1.0) - $this->board->widthAt($middle)) / 2;
        $edge = static function (float $side) use ($middle, $slope, $half, $widens): Point {
            $y = $side * $half / (1 - $side * $widens * $slope);

            return new Point($middle + $slope * $y, $y);
        };

        return [$edge(-1.0), $edge(1.0)];
    }
}

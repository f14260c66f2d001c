<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Specification;

/** Face markers (CALCULATIONS G6, G7). */
final readonly class FretMarkers
{
    private function __construct(private Specification $specification, private BoardShape $board)
    {
    }

    public static function from(Specification $specification): self
    {
        return new self($specification, BoardShape::from($specification));
    }

    /**
     * G7: midway between slots n − 1 and n; a pair at 12 and 24.
     *
     * @return list<array{fret: int, x: float, y: float}> mm
     */
    public function places(): array
    {
        $places = [];
        if ($this->specification->board->markers === MarkerShape::None) {
            return [];
        }
        foreach ($this->specification->board->markerFrets as $fret) {
            if ($fret < 1 || $fret > $this->specification->board->frets) {
                continue;
            }
            $x = (
                $this->specification
                    ->frets()
                    ->position($fret - 1)->mm + $this->specification
                    ->frets()
                    ->position($fret)->mm
            ) / 2;
            $pair = $fret % 12 === 0 && $this->specification->board->markers === MarkerShape::Dot;
            $offset = $this->specification->board->markerOffset->mm;
            foreach ($pair ? [-$offset, $offset] : [0.0] as $y) {
                $places[] = ['fret' => $fret, 'x' => $x, 'y' => $y];
            }
        }

        return $places;
    }

    /** Half of a marker across the board, in mm; a block spans half the width. */
    public function halfAcross(float $x): float
    {
        return $this->specification->board->markers === MarkerShape::Block
            ? $this->board->widthAt($x) / 4
            : $this->specification->board->markerDiameter->mm / 2;
    }

    /** G6: how much the radius takes at the marker's outer edge. */
    public function lost(float $x, float $y): float
    {
        return $this->board->dropAt($x, abs($y) + $this->halfAcross($x));
    }

    /** G6: what is left of the marker's thickness at its outer edge. */
    public function left(float $x, float $y): float
    {
        $top = $this->specification->board->markerDepth->mm - $this->specification->board->markerThickness->mm;

        return $this->specification->board->markerDepth->mm - max($top, $this->lost($x, $y));
    }

    /** G6: how far the marker's top lies below the surface at its inner edge; more than nothing leaves a dip. */
    public function sunk(float $x, float $y): float
    {
        $top = $this->specification->board->markerDepth->mm - $this->specification->board->markerThickness->mm;

        return $top - $this->board->dropAt($x, max(0.0, abs($y) - $this->halfAcross($x)));
    }
}

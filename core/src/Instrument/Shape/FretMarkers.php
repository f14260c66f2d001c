<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;

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

    /** @return list<MarkerPlace> a pair at 12 and 24 */
    public function places(): array
    {
        $board = $this->specification->board;
        $places = [];
        foreach ($board->markers === MarkerShape::None ? [] : $board->markerFrets as $fret) {
            if ($fret < 1 || $fret > $board->frets) {
                continue;
            }
            $isPair = $fret % 12 === 0 && $board->markers === MarkerShape::Dot;
            $offset = $board->markerOffset->mm;
            foreach ($isPair ? [-$offset, $offset] : [0.0] as $across) {
                $places[] = new MarkerPlace($fret, $this->along($fret)->value, $across);
            }
        }

        return $places;
    }

    /** G7: midway between slots n − 1 and n, in mm from the nut. */
    public function along(int $fret): Term
    {
        $frets = $this->specification->frets();

        return Term::midway(
            Term::of($frets->position($fret - 1), 2, 'fret '.($fret - 1).' at'),
            Term::of($frets->position($fret), 2, "{$fret} at"),
        );
    }

    /** Half of a marker across the board, in mm; a block spans half the width. */
    public function halfAcross(float $x): float
    {
        return $this->specification->board->markers === MarkerShape::Block
            ? $this->board->widthAt($x) / 4
            : $this->specification->board->markerDiameter->mm / 2;
    }

    /** G6: how much the radius takes at the marker's outer edge. */
    public function lost(MarkerPlace $place): float
    {
        return $this->board->dropAt($place->along, abs($place->across) + $this->halfAcross($place->along));
    }

    /**
     * G6: what is left of the marker's thickness at its outer edge: the depth of its hole, less what the radius takes
     * there, or less what the marker lies below the flat if that is more.
     */
    public function left(MarkerPlace $place): Term
    {
        $board = $this->specification->board;
        $below = $board->markerDepth->mm - $board->markerThickness->mm;
        $lost = $this->lost($place);

        return Term::of($board->markerDepth, 2, 'hole')->minus(
            $lost >= $below
                ? Term::of($lost, 2, 'what the radius takes,')
                : Term::of($below, 2, 'what the marker lies below the flat,'),
        );
    }

    /** G6: how far the marker's top lies below the surface at its inner edge; more than nothing leaves a dip. */
    public function sunk(MarkerPlace $place): float
    {
        $below = $this->specification->board->markerDepth->mm - $this->specification->board->markerThickness->mm;
        $inner = max(0.0, abs($place->across) - $this->halfAcross($place->along));

        return $below - $this->board->dropAt($place->along, $inner);
    }
}

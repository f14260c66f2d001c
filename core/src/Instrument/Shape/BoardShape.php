<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;

/** Width, radius and edge of a fretboard (CALCULATIONS G2 to G5), in millimetres from the nut. */
final readonly class BoardShape
{
    private function __construct(
        private float $nutWidth,
        private float $lastWidth,
        private float $last,
        private float $radius,
        private float $radiusEnd,
        public float $length,
        public float $thickness,
        public float $slotDepth,
        private SlotsSawn $sawn,
    ) {
    }

    public static function from(Specification $s, SlotsSawn $sawn = SlotsSawn::FromTheFlat): self
    {
        $board = $s->board;

        return new self(
            $board->nutWidth->mm, $board->lastWidth->mm, $s->frets()->last()->mm, $board->radius->mm,
            $board->radiusEnd->mm,
            $board->boardLength->mm, $board->boardThickness->mm, $board->slotDepth->mm, $sawn,
        );
    }

    /** G2: a straight line from the nut to the last fret, carried on. */
    public function widthAt(float $x): float
    {
        return $this->nutWidth + ($this->lastWidth - $this->nutWidth) * $x / $this->last;
    }

    /** G4: a cone; the radius changes in a straight line from the nut to the board's end. */
    public function radiusAt(float $x): float
    {
        return $this->radius + ($this->radiusEnd - $this->radius) * max(0.0, min(1.0, $x / $this->length));
    }

    /** G3: how far a surface of radius R has fallen y off its middle: R − √(R² − y²). */
    public static function drop(float $radius, float $y): float
    {
        return $radius - sqrt(max(0.0, $radius ** 2 - $y ** 2));
    }

    public function dropAt(float $x, float $y): float
    {
        return self::drop($this->radiusAt($x), $y);
    }

    /**
     * How deep a slot is under the finished surface at the board's edge: from the flat it loses what the radius takes,
     * from the arc nothing.
     */
    public function slotAtEdge(float $x): float
    {
        return $this->sawn === SlotsSawn::FromTheArc
            ? $this->slotDepth
            : max(0.0, $this->slotDepth - $this->dropAt($x, $this->widthAt($x) / 2));
    }

    /** G5: timber left under the slot at the board's edge: thickness − what the radius takes − the slot there. */
    public function edgeLeft(float $x): Term
    {
        return Term::of($this->thickness)
            ->minus(Term::of($this->dropAt($x, $this->widthAt($x) / 2), 2))
            ->minus(Term::of($this->slotAtEdge($x), 2));
    }

    /** Length across the surface at x. */
    public function arcAt(float $x): float
    {
        $radius = $this->radiusAt($x);

        return 2 * $radius * asin(min(1.0, $this->widthAt($x) / 2 / $radius));
    }

    /** G19: binding along both sides and the end, before the tenth for the joints, in mm. */
    public function around(): float
    {
        return 2 * $this->length + $this->widthAt($this->length);
    }

    /** Binding to buy, with a tenth for the joints, in mm. */
    public function binding(): Term
    {
        return Term::of($this->around(), 0, 'two sides and the end,')->scaled(1.1)->note(', + 10 %');
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Interval;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;

/** How high the saddles have to stand (CALCULATIONS G15, G16), in mm. */
final readonly class BridgeHeight
{
    /** Share of its travel within which a bridge should end up. */
    public const SHARES = [0.25, 0.75];

    private function __construct(private Specification $specification)
    {
    }

    public static function from(Specification $specification): self
    {
        return new self($specification);
    }

    /** p: the board's surface above the body's top where the body begins. */
    public function boardAboveTop(): Term
    {
        $joinery = $this->specification->joinery;

        return Term::of($joinery->heelThickness, called: 'heel')->minus(
            Term::of($joinery->pocketDepth, called: 'pocket'),
        );
    }

    /** d: from where the body begins to the saddle line. */
    public function fromEdge(): float
    {
        return $this->specification->middleScale()->mm
            - $this->specification->frets()->position($this->specification->joinery->joinFret)->mm;
    }

    /** G15: string over the fret plane at the saddle, 2 a12 − a0, a straight string over twice the half scale; mm. */
    public static function overFretPlane(float $actionAtTwelfth, float $atNut): Term
    {
        return Term::of(2, 0)->times(Term::of($actionAtTwelfth, 2), '×')->minus(Term::of($atNut, 2));
    }

    /** G15 with the mean of the outer strings' actions. */
    public function saddleOverFretPlane(): Term
    {
        return self::overFretPlane($this->action(), $this->specification->nutHeight());
    }

    /** G15: what a feeler reads under a string over the first fret: a0 (1 − 2 x1 / L) + 2 a12 · x1 / L; mm. */
    public function overFirstFret(float $actionAtTwelfth): Term
    {
        $first = Term::of($this->specification->frets()->position(1), 2);
        $scale = Term::of($this->specification->middleScale());
        $two = Term::of(2, 0);
        $left = Term::of(1, 0)->minus($two->times($first)->over($scale));
        $fromTwelfth = $two->times(Term::of($actionAtTwelfth, 2))->times($first)->over($scale);

        return Term::of($this->specification->nutHeight(), 2)->times($left)->plus($fromTwelfth);
    }

    /** Mean of the outer strings' actions at the twelfth. */
    public function action(): float
    {
        return ($this->specification->brief->actionTreble->mm + $this->specification->brief->actionBass->mm) / 2;
    }

    /** G16: p + d · tan θ + crown + (2 a12 − a0), over the body's top. */
    public function overTop(?float $angle = null): Term
    {
        $slope = Term::tan($angle ?? $this->specification->joinery->neckAngle, 2);

        return Term::of($this->boardAboveTop()->value)
            ->plus(Term::of($this->fromEdge())->times($slope))
            ->plus(Term::of($this->specification->board->crownHeight, called: 'crown'))
            ->plus(Term::of($this->saddleOverFretPlane()->value, 2));
    }

    /** Over the bridge's own foot, which is let in or packed up. */
    public function overFoot(): Term
    {
        $recess = Term::of($this->specification->bridgework->bridgeRecess, called: 'let in');

        return Term::of($this->overTop()->value)->plus($recess);
    }

    public function range(): Interval
    {
        return new Interval(
            $this->specification->bridgework->bridgeLeast->mm, $this->specification->bridgework->bridgeMost->mm,
        );
    }

    /** Where the saddles stand in the bridge's range: 0 at its lowest, 1 at its highest. */
    public function share(): Term
    {
        [$from, $to] = [Term::of($this->range()->from), Term::of($this->range()->to)];

        return Term::of($this->overFoot()->value)->minus($from)->over($to->minus($from));
    }

    public function fits(): bool
    {
        return $this->share()->value >= self::SHARES[0] && $this->share()->value <= self::SHARES[1];
    }

    /** By how much the saddles stand above the middle of their travel; less than zero is below. */
    public function aboveMiddle(): float
    {
        return $this->overFoot()->value - ($this->range()->from + $this->range()->to) / 2;
    }

    /** The neck angle with which the saddles would stand in the middle, in degrees. */
    public function angleForMiddle(): float
    {
        $slope = tan(deg2rad($this->specification->joinery->neckAngle)) - $this->aboveMiddle()
            / max(1.0, $this->fromEdge());

        return rad2deg(atan($slope));
    }
}

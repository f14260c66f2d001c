<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Interval;
use Regimen\Instrument\Specification;

/** How high the saddles have to stand (CALCULATIONS G15, G16), in mm. */
final readonly class BridgeHeight
{
    /** Share of its travel within which a bridge should end up. */
    public const SHARES = [0.25, 0.75];

    private function __construct(private Specification $specification)
    {
    }

    public static function of(Specification $specification): self
    {
        return new self($specification);
    }

    /** p: the board's surface above the body's top where the body begins. */
    public function boardAboveTop(): float
    {
        return $this->specification->joinery->heelThickness->mm - $this->specification->joinery->pocketDepth->mm;
    }

    /** d: from where the body begins to the saddle line. */
    public function fromEdge(): float
    {
        return $this->specification->board->scale->mm
            - $this->specification->frets()->position($this->specification->joinery->joinFret)->mm;
    }

    /** G15: string over the fret plane at the saddle, 2 a12 − a0, a straight string over twice the half scale; mm. */
    public static function overFretPlane(float $actionAtTwelfth, float $atNut): float
    {
        return 2 * $actionAtTwelfth - $atNut;
    }

    /** G15: what a feeler reads under a string over the first fret: a0 (1 − 2 x1 / L) + 2 a12 · x1 / L; mm. */
    public function overFirstFret(float $actionAtTwelfth): float
    {
        $share = $this->specification->frets()->position(1)->mm / $this->specification->board->scale->mm;

        return $this->specification->nutHeight() * (1 - 2 * $share) + 2 * $actionAtTwelfth * $share;
    }

    /** Mean of the outer strings' actions at the twelfth. */
    public function action(): float
    {
        return ($this->specification->brief->actionTreble->mm + $this->specification->brief->actionBass->mm) / 2;
    }

    /** G16: p + d · tan θ + crown + (2 a12 − a0), over the body's top. */
    public function overTop(?float $angle = null): float
    {
        return $this->boardAboveTop()
            + $this->fromEdge() * tan(deg2rad($angle ?? $this->specification->joinery->neckAngle))
            + $this->specification->board->crownHeight->mm
            + self::overFretPlane($this->action(), $this->specification->nutHeight());
    }

    /** Over the bridge's own foot, which is let in or packed up. */
    public function overFoot(): float
    {
        return $this->overTop() + $this->specification->bridgework->bridgeRecess->mm;
    }

    public function range(): Interval
    {
        return new Interval(
            $this->specification->bridgework->bridgeLeast->mm, $this->specification->bridgework->bridgeMost->mm,
        );
    }

    public function share(): float
    {
        return $this->range()->shareOf($this->overFoot());
    }

    public function fits(): bool
    {
        return $this->share() >= self::SHARES[0] && $this->share() <= self::SHARES[1];
    }

    /** By how much the saddles stand above the middle of their travel; less than zero is below. */
    public function aboveMiddle(): float
    {
        return $this->overFoot() - ($this->range()->from + $this->range()->to) / 2;
    }

    /** The neck angle with which the saddles would stand in the middle, in degrees. */
    public function angleForMiddle(): float
    {
        $slope = tan(deg2rad($this->specification->joinery->neckAngle)) - $this->aboveMiddle()
            / max(1.0, $this->fromEdge());

        return rad2deg(atan($slope));
    }
}

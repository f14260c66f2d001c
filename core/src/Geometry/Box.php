<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Units\Length;

/** The air in a flat-top’s box (CALCULATIONS F2). */
final readonly class Box
{
    /** Speed of sound in air at 20 °C, mm/s. */
    private const SOUND = 343_000.0;

    /** What the opening’s ends add to its length, in radii: 0.85 each side. */
    private const ENDS = 1.7;

    private function __construct(private float $volume)
    {
    }

    /**
     * The depth changes evenly from one end to the other, so that the volume is the area times the depth under its centre.
     *
     * @param  Polygon  $outline  of its inside, x along the strings
     * @param  Length  $atNeck  depth inside at its end towards the neck, above zero
     * @param  Length  $atTail  depth inside at the other end, above zero
     *
     * @throws \InvalidArgumentException for a box of no depth
     */
    public static function of(Polygon $outline, Length $atNeck, Length $atTail): self
    {
        if ($atNeck->mm <= 0 || $atTail->mm <= 0) {
            throw new \InvalidArgumentException('A box has a depth at both ends.');
        }
        $along = $outline->along();
        $share = ($outline->centroid()->x - $along->from) / max(1e-9, $along->to - $along->from);

        return new self($outline->area() * ($atNeck->mm + $share * ($atTail->mm - $atNeck->mm)));
    }

    /** @param  float  $litres  above zero */
    public static function ofLitres(float $litres): self
    {
        return new self($litres * 1e6);
    }

    public function litres(): float
    {
        return $this->volume / 1e6;
    }

    /**
     * The resonance of the air in a box of rigid walls, in Hz (Helmholtz). A real box gives way and lies about a third lower (memory); this
     * compares boxes and promises no sound.
     *
     * @param  Length  $radius  of the hole, above zero
     * @param  Length  $plate  thickness of the top at the hole
     */
    public function resonance(Length $radius, Length $plate): float
    {
        $area = M_PI * $radius->mm ** 2;

        return self::SOUND / (2 * M_PI) * sqrt($area / ($this->volume * ($plate->mm + self::ENDS * $radius->mm)));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Timber;

use Regimen\Units\Length;

/** A board as it was bought, rough: grain along its length. */
final readonly class RoughBoard
{
    private function __construct(public Length $length, public Length $width, public Length $thickness)
    {
    }

    /** @throws \InvalidArgumentException with what is wrong about its sizes */
    public static function of(Length $length, Length $width, Length $thickness): self
    {
        if (min($length->mm, $width->mm, $thickness->mm) <= 0) {
            throw new \InvalidArgumentException('A board has a length, a width and a thickness above zero.');
        }
        if ($thickness->mm > $width->mm) {
            throw new \InvalidArgumentException('It is thicker than it is wide: are thickness and width the other way round?');
        }
        if ($width->mm > $length->mm) {
            throw new \InvalidArgumentException('It is wider than it is long: the length runs along the grain.');
        }

        return new self($length, $width, $thickness);
    }

    /** What is left of one: it may be shorter along the grain than it is wide. */
    public static function leftOf(Length $length, Length $width, Length $thickness): self
    {
        return new self($length, $width, $thickness);
    }

    public function boardFeet(): float
    {
        return BoardFeet::of($this->thickness, $this->width, $this->length)->value;
    }

    /** I4: what a cubic metre of it weighs, in kg, as it was weighed. */
    public function density(float $kilograms): float
    {
        return $kilograms / ($this->length->mm * $this->width->mm * $this->thickness->mm) * 1e9;
    }
}

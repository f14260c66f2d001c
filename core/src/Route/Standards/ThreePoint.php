<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Units\Duration;

/** Labour at best, as usual and at worst. */
final readonly class ThreePoint
{
    /** @throws \InvalidArgumentException unless best ≤ likely ≤ worst */
    public function __construct(public Duration $best, public Duration $likely, public Duration $worst)
    {
        if ($best->minutes > $likely->minutes || $likely->minutes > $worst->minutes) {
            throw new \InvalidArgumentException('At best is not more than usual, and usual not more than at worst.');
        }
    }

    /** Three quarters at best and seven quarters at worst, where nobody knows better (house convention). */
    public static function around(Duration $likely): self
    {
        return new self(
            Duration::ofMinutes((int) floor($likely->minutes * 0.75)), $likely,
            Duration::ofMinutes((int) ceil($likely->minutes * 1.75)),
        );
    }

    public function times(float $factor): self
    {
        $scaled = static fn (Duration $one): Duration => Duration::ofMinutes((int) round($one->minutes * $factor));

        return new self($scaled($this->best), $scaled($this->likely), $scaled($this->worst));
    }

    public function plus(self $other): self
    {
        return new self(
            $this->best->plus($other->best), $this->likely->plus($other->likely), $this->worst->plus($other->worst),
        );
    }

    /** P5: (o + 4m + p)/6, in hours. */
    public function mean(): float
    {
        return ($this->best->hours() + 4 * $this->likely->hours() + $this->worst->hours()) / 6;
    }

    /** P5: (p − o)/6, in hours. */
    public function deviation(): float
    {
        return ($this->worst->hours() - $this->best->hours()) / 6;
    }
}

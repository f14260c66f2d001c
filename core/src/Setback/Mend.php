<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Route\Entry\Rework;
use Regimen\Units\Duration;

/** A way to mend something: what is done, and what can still be seen of it afterwards. */
final readonly class Mend
{
    /** @param  non-empty-list<Rework>  $steps  one behind the other */
    private function __construct(public string $name, public array $steps, public string $shows)
    {
    }

    /** @param  string  $shows  what stays visible or is heard; empty where nothing is */
    public static function of(string $name, string $shows, Rework $first, Rework ...$more): self
    {
        return new self($name, [$first, ...array_values($more)], $shows);
    }

    public function labour(): Duration
    {
        return array_reduce($this->steps, static fn (Duration $sum, Rework $one): Duration => $sum->plus($one->labour), Duration::zero());
    }
}

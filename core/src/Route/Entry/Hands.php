<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Instrument\Specification;
use Regimen\Units\Duration;

/** How long somebody helps at the end of an operation's labour, and of which instruments. */
final readonly class Hands
{
    /** @param  (\Closure(Specification): bool)|null  $when  of every instrument if none is given */
    private function __construct(public Duration $time, private ?\Closure $when)
    {
    }

    /**
     * @param  float  $hours  working hours
     * @param  (\Closure(Specification): bool)|null  $when
     */
    public static function of(float $hours, ?\Closure $when = null): self
    {
        return new self(Duration::ofHours($hours), $when);
    }

    public function areNeededFor(Specification $specification): bool
    {
        return $this->when === null || ($this->when)($specification);
    }
}

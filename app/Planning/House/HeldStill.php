<?php

declare(strict_types=1);

namespace App\Planning\House;

use Closure;

/** Reads everything once where a page only looks: nobody changes the house in between. */
trait HeldStill
{
    private bool $isStill = false;

    /** @var array<string, mixed> what was read while it is held still */
    private array $held = [];

    public function holdStill(): void
    {
        $this->isStill = true;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    private function held(string $what, Closure $read): mixed
    {
        return $this->isStill ? $this->held[$what] ??= $read() : $read();
    }
}

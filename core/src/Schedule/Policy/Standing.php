<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Problem\Announced;

/** What stands when the shop is planned: what was announced, the order that was taken, and what was pushed. */
final readonly class Standing
{
    /** What was announced for so many minutes from now is kept for taking back. */
    private const SOON = 20_160;

    /**
     * @param  array<int|string, Announced>  $announced  by activity, of the plan in force
     * @param  array<int|string, int>  $keys  of a plan that was taken, by activity; the smallest goes first
     * @param  array<int|string, int>  $pushed  days ahead, or back if negative, by build
     */
    public function __construct(public array $announced = [], public array $keys = [], public array $pushed = [])
    {
    }

    /** @param  array<int|string, Announced>  $announced  instead of what is in force */
    public function announcing(array $announced): self
    {
        return new self($announced, $this->keys, $this->pushed);
    }

    /** @return array<int|string, int> start by activity */
    public function starts(): array
    {
        return array_map(static fn (Announced $one): int => $one->start, $this->announced);
    }

    /**
     * What was announced for the coming fortnight: so far back what was fixed is taken back to the minute.
     *
     * @return array<int|string, Announced>
     */
    public function announcedSoon(int $now): array
    {
        return array_filter($this->announced, static fn (Announced $one): bool => $one->start < $now + self::SOON);
    }
}

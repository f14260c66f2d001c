<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** The identity of a build in a problem: one on record, or the one that is only thought of. */
final readonly class BuildId
{
    private function __construct(public int $number)
    {
    }

    /** @param  int  $id  of its record, from 1 */
    public static function of(int $id): self
    {
        return new self($id);
    }

    public static function draft(): self
    {
        return new self(0);
    }

    /** The build on record; null for the one that is only thought of. */
    public static function recordOf(int|string $number): ?int
    {
        return is_int($number) && $number > 0 ? $number : null;
    }
}

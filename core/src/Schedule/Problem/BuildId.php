<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** The identity of a build in a problem: one on record, or one that is only thought of. */
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

    /** @param  int  $place  among those that are only thought of: 0 for the one in question, from 1 for those that hold a place before it */
    public static function draft(int $place = 0): self
    {
        return new self(-$place);
    }

    /** The build on record; null for what is only thought of. */
    public static function recordOf(int|string $number): ?int
    {
        return is_int($number) && $number > 0 ? $number : null;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/**
 * The identity of an activity: that of an operation on record, or of a step of a build that is only thought of. Inside
 * the planner it is a plain number, so that the loops of the search have nothing to compare but numbers.
 */
final readonly class ActivityId
{
    /** More operations no route has. */
    private const ROUTE = 100_000;

    private function __construct(public int $number)
    {
    }

    /** @param  int  $id  of its record, from 1 */
    public static function operation(int $id): self
    {
        return new self($id);
    }

    /**
     * @param  int  $position  on the route of a build that is only thought of, from 0
     * @param  int  $place  of that build among those that are only thought of (BuildId::draft)
     */
    public static function draft(int $position, int $place = 0): self
    {
        return new self(-1 - $position - self::ROUTE * $place);
    }

    /** The operation on record that an activity stands for; null for a step that is only thought of. */
    public static function operationOf(int|string $number): ?int
    {
        return is_int($number) && $number > 0 ? $number : null;
    }
}

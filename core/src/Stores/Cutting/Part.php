<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** A piece in its parcel, in mm from the parcel's corner. */
final readonly class Part
{
    public ?Outline $outline;

    public function __construct(public Wanted $wanted, public Area $area, public Turn $turn)
    {
        $this->outline = self::lying($wanted->outline, $turn);
    }

    /** An outline as it lies; across the grain its box stands for it. */
    public static function lying(?Outline $outline, Turn $turn): ?Outline
    {
        return match ($turn) {
            Turn::Along => $outline,
            Turn::Half => $outline?->turned(),
            Turn::Across => null,
        };
    }

    /** Whether it lies on a rectangle that is given from the parcel's corner. */
    public function hits(Area $other): bool
    {
        return $this->area->overlaps($other)
            && ! ($this->outline?->clears($other->moved(-$this->area->from, -$this->area->across)) ?? false);
    }
}

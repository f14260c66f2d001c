<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;

/** The bought parts of an instrument that cuts are made for, and why they are measured first. */
final class MeasuredParts
{
    public const ORDERED = 'Only what has been ordered arrives.';

    public const REASON = 'It is cut for the part that arrived, not for its data sheet.';

    public const SPOILS = 'A cut for a part that turns out different does not fit it.';

    /** @return list<PartGroup> */
    public static function of(Specification $s): array
    {
        $parts = [
            PartGroup::TrussRod, PartGroup::Tuners, PartGroup::Bridge, PartGroup::Pickups, PartGroup::Electronics,
        ];

        return array_values(array_filter($parts, static fn (PartGroup $part): bool => match ($part) {
            PartGroup::TrussRod => $s->neck->rodLength->mm > 0,
            PartGroup::Pickups, PartGroup::Electronics => $s->electrics->pickups !== [],
            default => true,
        }));
    }
}

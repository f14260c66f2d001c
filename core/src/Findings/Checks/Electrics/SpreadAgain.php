<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;

/** Part of a fix: the places of all pickups are worked out again. */
final class SpreadAgain
{
    /** @return array<string, string> */
    public static function all(Workings $w): array
    {
        $changes = [];
        foreach (array_keys($w->specification->electrics->pickups) as $index) {
            $changes["pickups.{$index}.position"] = '';
        }

        return $changes;
    }
}

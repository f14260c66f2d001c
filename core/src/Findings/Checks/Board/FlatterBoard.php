<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;

/** A flatter radius as a fix, the next of those that gauges are sold for. */
final class FlatterBoard
{
    /** Inches; common practice. */
    private const RADII = [9.5, 10, 12, 14, 16, 20];

    /** @return iterable<array{string, array<string, string>}> */
    public static function ways(Workings $w): iterable
    {
        foreach (self::RADII as $inches) {
            if ($inches * 25.4 > min(
                $w->specification->board->radius->mm, $w->specification->board->radiusEnd->mm,
            ) + 1.0) {
                yield ["Take a radius of {$inches}\"", ['radius' => "{$inches}\"", 'radiusEnd' => '', 'slotDepth' => '']];
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route;

/** Compares a changed route with the derived one: which of its links no longer hold. */
final class RouteJudge
{
    /** @return list<Broken> what would be spoiled first */
    public static function broken(Route $derived, Route $changed): array
    {
        $ancestors = $changed->ancestors();
        $stake = $changed->atStake();
        $broken = [];
        foreach ($derived->links as $link) {
            $before = $derived->find($link->before);
            $after = $derived->find($link->after);
            if ($before === null || $after === null || ! isset($ancestors[$link->after]) || isset($ancestors[$link->after][$link->before])) {
                continue;
            }
            $broken[] = new Broken($link, $before->name, $after->name, ! isset($ancestors[$link->before]), $stake[$link->after]);
        }
        usort($broken, static fn (Broken $a, Broken $b): int => [$a->link->spoils === '' ? 1 : 0, -$a->stake->minutes] <=> [$b->link->spoils === '' ? 1 : 0, -$b->stake->minutes]);

        return $broken;
    }
}

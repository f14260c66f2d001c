<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Route\Air\Climate;
use Regimen\Route\Route;
use Regimen\Schedule\Search\CriticalPath;

/**
 * The critical chain of a route by durations alone: labour and holds one after the other, without nights and without
 * anybody else's work.
 */
final class LongestChain
{
    public static function through(Route $route, ?Climate $air = null): CriticalPath
    {
        $air ??= Climate::standard();
        $durations = $predecessors = [];
        foreach ($route->operations as $operation) {
            $durations[$operation->key] = $operation->work()->minutes
                + $air->stretch($operation->hold, $operation->holdKind)->minutes;
        }
        foreach ($route->links as $link) {
            $predecessors[$link->after][] = $link->before;
        }

        return CriticalPath::through($durations, $predecessors);
    }
}

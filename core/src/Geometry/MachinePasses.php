<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/** How often a machine goes over a depth (CALCULATIONS G20). */
final class MachinePasses
{
    /** Depth a pass that the house takes with a router, in mm; common practice. */
    public const ROUTER_MM = 6.0;

    public static function count(float $depth, float $perPass = self::ROUTER_MM): int
    {
        return (int) ceil(round($depth / $perPass, 9));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;

/** One piece of the knowledge of how instruments are built: when it applies, what it adds to the route, and why. */
interface RouteRule
{
    public function appliesTo(Specification $specification): bool;

    public function contribute(RouteDraft $draft, Specification $specification): void;
}

<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;

/** One piece of the knowledge of how instruments are built: when it applies, what it adds to the route, and why. */
interface RouteRule
{
    /** The rule in a few words, as it is named when somebody breaks it. */
    public function name(): string;

    public function appliesTo(Specification $specification, Methods $methods): bool;

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void;
}

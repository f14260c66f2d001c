<?php

declare(strict_types=1);

namespace App\Planning\Route;

use Regimen\Costing\Kit;
use Regimen\Costing\Quote;
use Regimen\Instrument\Specification;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Route;

/** A specification worked out: its route with what was changed on it, its kit and what it would cost. */
final readonly class Draft
{
    public function __construct(
        public Specification $specification,
        public EditedRoute $edited,
        public Route $route,
        public Kit $kit,
        public Quote $quote,
    ) {
    }
}

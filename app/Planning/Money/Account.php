<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Build\Build;
use Regimen\Costing\Earned;

/** What is recorded of a build, and what it earned. */
final readonly class Account
{
    public function __construct(public Build $build, public BuildCost $cost, public Earned $earned)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Money;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/** What is recorded of a build in hours and money; what went wrong is beside it, not in it. */
final readonly class BuildCost
{
    /**
     * @param  array<int, int>  $byPerson  minutes, losses aside
     * @param  Money  $losses  hours and material that setbacks cost
     */
    public function __construct(public Duration $hours, public Money $labour, public Money $material, public Money $outside, public Money $losses, public array $byPerson)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use Regimen\Units\Money;

/** What of a line of an order came with a parcel. */
final readonly class CameLine
{
    /**
     * @param  float  $quantity  in the unit, zero or more
     * @param  Money  $cost  of what came, without freight
     * @param  float  $wrong  how many of it are wrong
     * @param  array<string, string>  $measured  typed, by figure
     */
    public function __construct(public float $quantity, public Money $cost, public float $wrong = 0, public string $because = '', public ?string $bestBefore = null, public string $place = '', public array $measured = [])
    {
    }
}

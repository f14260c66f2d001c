<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Planning\Route\Draft;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Units\Money;

/** What an instrument that is only thought of would take and cost. */
final readonly class Reckoned
{
    /**
     * @param  Money|null  $price  tax included; null where parts of it have no operations yet
     * @param  float  $grams  that it is expected to weigh
     */
    public function __construct(public ReadSpecification $read, public Draft $draft, public ?Money $price, public float $grams)
    {
    }
}

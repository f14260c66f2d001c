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
     * @param  Money  $price  tax included
     * @param  float  $grams  that it is expected to weigh
     */
    public function __construct(public ReadSpecification $read, public Draft $draft, public Money $price, public float $grams)
    {
    }
}

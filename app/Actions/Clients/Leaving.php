<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Models\Build\PromiseMeans;
use Regimen\Units\Money;

/** How an instrument leaves the shop. */
final readonly class Leaving
{
    /**
     * @param  string  $carrier  empty where it is collected
     * @param  int  $days  on the way, as the carrier says
     * @param  int  $collecting  minutes with whoever collects it; 0 where nobody is waited for
     */
    public function __construct(public PromiseMeans $means, public string $carrier, public int $days, public Money $cost, public Money $insurance, public int $collecting)
    {
    }
}

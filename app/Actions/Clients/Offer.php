<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use Regimen\Units\Money;

/** What a quote says. */
final readonly class Offer
{
    /**
     * @param  Money  $price  tax included
     * @param  int  $tax  in the price, in thousandths of the net
     * @param  string  $promisedOn  a day
     * @param  string  $validUntil  the last day on which it can be accepted
     * @param  string  $words  the shop’s, in Markdown
     * @param  string  $depends  what the date depends on, a line each
     */
    public function __construct(
        public string $what,
        public Money $price,
        public int $tax,
        public Money $deposit,
        public string $promisedOn,
        public string $validUntil,
        public string $words,
        public string $depends,
    ) {
    }
}

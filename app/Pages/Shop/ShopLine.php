<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** The shop, as every page knows it. */
final readonly class ShopLine
{
    public function __construct(
        public string $name,
        public string $currency,
        public string $timezone,
    ) {
    }
}

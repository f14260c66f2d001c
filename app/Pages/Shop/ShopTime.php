<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** The shop's time; fixed for pictures and tests. */
final readonly class ShopTime
{
    public function __construct(
        public string $now,
        public bool $fixed,
    ) {
    }
}

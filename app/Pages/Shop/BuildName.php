<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** A build by its number and name. */
final readonly class BuildName
{
    public function __construct(
        public int $number,
        public string $title,
    ) {
    }
}

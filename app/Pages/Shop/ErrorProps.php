<?php

declare(strict_types=1);

namespace App\Pages\Shop;

use App\Pages\Page;

final readonly class ErrorProps extends Page
{
    public const COMPONENT = 'shop/Error';

    public function __construct(
        public int $status,
        public string $headline,
        public string $under,
    ) {
    }
}

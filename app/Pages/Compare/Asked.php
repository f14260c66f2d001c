<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Pages\Shop\Option;

final readonly class Asked
{
    /**
     * @param  list<Option>  $options
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $now,
        public array $options,
    ) {
    }
}

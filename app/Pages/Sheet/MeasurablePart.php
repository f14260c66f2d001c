<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use App\Pages\Shop\Option;

final readonly class MeasurablePart
{
    /**
     * @param  list<Option>  $fields
     */
    public function __construct(
        public string $value,
        public string $words,
        public array $fields,
    ) {
    }
}

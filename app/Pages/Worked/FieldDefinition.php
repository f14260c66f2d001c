<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use App\Pages\Shop\Option;

final readonly class FieldDefinition
{
    /**
     * @param  list<Option>  $options
     * @param  list<FieldDefinition>  $columns
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $hint,
        public string $default,
        public FieldInput $kind,
        public array $options,
        public array $columns,
        public int $most,
    ) {
    }
}

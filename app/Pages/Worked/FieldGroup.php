<?php

declare(strict_types=1);

namespace App\Pages\Worked;

final readonly class FieldGroup
{
    /**
     * @param  list<FieldDefinition>  $fields
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $fields,
    ) {
    }
}

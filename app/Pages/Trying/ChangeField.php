<?php

declare(strict_types=1);

namespace App\Pages\Trying;

use App\Pages\Shop\Option;

/** One thing that a change has to say. */
final readonly class ChangeField
{
    /**
     * @param  'text'|'date'|'moment'  $type
     * @param  list<Option>|null  $options  null where it is written
     * @param  string  $value  what it holds before anything is written
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $type,
        public ?array $options,
        public string $hint,
        public string $value,
    ) {
    }
}

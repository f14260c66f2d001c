<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use App\Pages\Dict;

final readonly class Worked
{
    /**
     * @param  Dict<string>  $problems
     * @param  array<string, ShownValue>  $values
     */
    public function __construct(
        public Dict $problems,
        public array $values,
        public ?ShownInstrument $shown,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Pages\Dict;

final readonly class Preset
{
    /**
     * @param  Dict<string>  $change
     */
    public function __construct(
        public string $words,
        public Dict $change,
    ) {
    }
}

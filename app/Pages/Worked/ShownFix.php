<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use App\Pages\Dict;

final readonly class ShownFix
{
    /**
     * @param  Dict<string>  $changes
     */
    public function __construct(
        public string $words,
        public Dict $changes,
    ) {
    }
}

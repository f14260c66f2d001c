<?php

declare(strict_types=1);

namespace App\Pages\Shop;

use App\Pages\Dict;

/**
 * What every page gets beside its own. Instants are ISO 8601 in UTC, days are YYYY-MM-DD, times of day and durations whole
 * minutes.
 */
final readonly class SharedProps
{
    /**
     * @param  int  $lastChange  of the plan that the page knows of: what was changed after it was not seen
     * @param  string|null  $done  what was done just now, in words
     * @param  Dict<string>  $errors
     */
    public function __construct(
        public ShopTime $clock,
        public ?ShopLine $shop,
        public ?Viewer $viewer,
        public ?Bench $bench,
        public int $lastChange,
        public ?string $done,
        public Dict $errors,
    ) {
    }
}

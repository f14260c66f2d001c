<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Worked\Change;
use App\Pages\Worked\Drawing;

/** What a change comes to, worked out from the state of the work today. */
final readonly class ChangeShown
{
    /**
     * @param  list<Change>  $values  what is different
     * @param  list<array{string, string}>  $lines  hours, material, dates, price
     * @param  list<string>  $spoiled  what was made for nothing, and what becomes of others
     * @param  list<string>  $impossible  what cannot be changed any more, and what is possible instead
     * @param  string  $price  that is suggested
     * @param  string  $promise  the day that is suggested; empty where it stays
     */
    public function __construct(
        public array $values,
        public ?Drawing $before,
        public ?Drawing $after,
        public array $lines,
        public array $spoiled,
        public array $impossible,
        public string $price,
        public string $promise,
        public string $problem,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Compare;

final readonly class FindingsChanged
{
    /**
     * @param  list<string>  $new
     * @param  list<string>  $gone
     */
    public function __construct(
        public array $new,
        public array $gone,
    ) {
    }
}

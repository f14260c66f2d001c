<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class TriedRoute
{
    /**
     * @param  list<Broken>  $broken
     * @param  list<string>  $follows
     */
    public function __construct(
        public ?string $problem,
        public string $words,
        public array $broken,
        public bool $needsReason,
        public array $follows,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** A piece that no board in the shop serves, as it is bought. */
final readonly class YardLine
{
    /** @param  list<string>  $lookFor */
    public function __construct(
        public int $build,
        public string $title,
        public string $what,
        public int $pieces,
        public string $metric,
        public string $inches,
        public string $cut,
        public array $lookFor,
    ) {
    }
}

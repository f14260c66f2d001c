<?php

declare(strict_types=1);

namespace App\Pages\Gate;

/** A figure that comes out otherwise than it was drawn. */
final readonly class Changed
{
    public function __construct(
        public string $name,
        public string $drawn,
        public string $measured,
    ) {
    }
}

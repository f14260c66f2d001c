<?php

declare(strict_types=1);

namespace App\Pages\Worked;

/** Something that is another than it was. */
final readonly class Change
{
    public function __construct(
        public string $name,
        public string $before,
        public string $after,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** Who is signed in. */
final readonly class Viewer
{
    public function __construct(
        public int $id,
        public string $name,
        public bool $manager,
    ) {
    }
}

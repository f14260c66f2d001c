<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class GlueLine
{
    public function __construct(
        public string $key,
        public string $words,
        public string $share,
        public bool $own,
    ) {
    }
}

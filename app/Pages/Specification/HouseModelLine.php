<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Worked\Drawing;

final readonly class HouseModelLine
{
    public function __construct(
        public int $id,
        public string $name,
        public string $type,
        public bool $isDefault,
        public string $inOneLine,
        public ?Drawing $drawing,
        public int $says,
    ) {
    }
}

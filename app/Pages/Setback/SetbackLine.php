<?php

declare(strict_types=1);

namespace App\Pages\Setback;

final readonly class SetbackLine
{
    public function __construct(
        public int $id,
        public int $build,
        public string $title,
        public string $text,
        public string $where,
        public string $state,
        public string $decided,
        public int $minutes,
        public ?string $money,
        public string $by,
        public string $at,
    ) {
    }
}

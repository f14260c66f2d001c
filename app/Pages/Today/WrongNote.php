<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class WrongNote
{
    public function __construct(
        public int $id,
        public int $build,
        public string $where,
        public string $text,
        public string $by,
        public string $at,
    ) {
    }
}

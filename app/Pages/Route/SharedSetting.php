<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class SharedSetting
{
    public function __construct(
        public int $number,
        public string $title,
        public int $id,
    ) {
    }
}

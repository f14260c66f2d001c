<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteBuild
{
    public function __construct(
        public int $number,
        public string $title,
        public int $version,
        public int $revision,
        public string $inOneLine,
    ) {
    }
}

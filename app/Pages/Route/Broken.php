<?php

declare(strict_types=1);

namespace App\Pages\Route;

use Regimen\Findings\Severity;

final readonly class Broken
{
    public function __construct(
        public string $key,
        public string $title,
        public string $words,
        public Severity $severity,
        public string $rule,
    ) {
    }
}

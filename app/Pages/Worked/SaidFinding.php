<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use Regimen\Findings\Severity;

final readonly class SaidFinding
{
    public function __construct(
        public Severity $severity,
        public string $title,
        public string $figures,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use Regimen\Findings\Severity;

final readonly class ShownFinding
{
    /**
     * @param  list<string>  $fields
     * @param  list<ShownFix>  $fixes
     */
    public function __construct(
        public string $key,
        public Severity $severity,
        public string $title,
        public string $figures,
        public string $because,
        public array $fields,
        public array $fixes,
        public string $unfixed,
        public ?Acceptance $accepted,
    ) {
    }
}

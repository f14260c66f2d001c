<?php

declare(strict_types=1);

namespace App\Pages\Standards;

use Regimen\Route\Standards\Tool;

final readonly class StandardOperation
{
    /**
     * @param  list<StandardLine>  $ways
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $stage,
        public Tool $tool,
        public array $ways,
    ) {
    }
}

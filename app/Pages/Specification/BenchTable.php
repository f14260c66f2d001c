<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class BenchTable
{
    /**
     * @param  list<string>  $heads
     * @param  list<list<string>>  $rows
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $heads,
        public array $rows,
    ) {
    }
}

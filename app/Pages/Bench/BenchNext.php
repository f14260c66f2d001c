<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** What comes next today. */
final readonly class BenchNext
{
    /**
     * @param  string  $because  why it fits, where somebody has asked for what does; empty otherwise
     */
    public function __construct(
        public int $operation,
        public int $build,
        public string $name,
        public string $from,
        public string $because,
    ) {
    }
}

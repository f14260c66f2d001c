<?php

declare(strict_types=1);

namespace App\Pages\Build;

/** One mark in a strip in time. */
final readonly class Mark
{
    public function __construct(
        public ?int $ply,
        public MarkKind $kind,
        public string $from,
        public string $to,
        public bool $done,
        public string $words,
    ) {
    }
}

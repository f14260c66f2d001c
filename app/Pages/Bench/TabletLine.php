<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** A tablet that people share. */
final readonly class TabletLine
{
    public function __construct(
        public int $id,
        public string $name,
        public string $at,
    ) {
    }
}

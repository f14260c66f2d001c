<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** A photograph in a build's strip in time. */
final readonly class PhotographLine
{
    public function __construct(
        public int $id,
        public int $version,
        public string $at,
        public string $by,
        public string $caption,
        public string $operation,
        public string $of,
        public bool $client,
        public int $width,
        public int $height,
    ) {
    }
}

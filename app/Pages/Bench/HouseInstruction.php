<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** How this house does it. */
final readonly class HouseInstruction
{
    /**
     * @param  list<int>  $photographs
     */
    public function __construct(
        public int $version,
        public string $text,
        public string $by,
        public string $at,
        public array $photographs,
    ) {
    }
}

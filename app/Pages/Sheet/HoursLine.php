<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class HoursLine
{
    public function __construct(
        public int $id,
        public string $person,
        public int $personId,
        public string $operation,
        public string $on,
        public ?int $minutes,
        public string $source,
        public bool $canStop,
        public bool $struck,
        public string $struckBecause,
    ) {
    }
}

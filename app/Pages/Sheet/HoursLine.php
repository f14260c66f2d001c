<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class HoursLine
{
    /** @param  string  $now  where it belongs by now; empty for this instrument */
    public function __construct(
        public int $id,
        public string $person,
        public int $personId,
        public string $operation,
        public string $on,
        public ?int $minutes,
        public string $source,
        public bool $canStop,
        public string $now,
        public bool $struck,
        public string $struckBecause,
    ) {
    }
}

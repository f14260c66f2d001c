<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class LogLine
{
    /** @param  list<string>  $corrected  what later entries say in its place */
    public function __construct(
        public int $id,
        public string $at,
        public ?string $by,
        public string $kind,
        public string $text,
        public array $corrected,
    ) {
    }
}

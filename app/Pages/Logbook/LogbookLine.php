<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

final readonly class LogbookLine
{
    /**
     * @param  list<string>  $corrected  what later entries say in its place
     * @param  int|null  $corrects  the earlier entry that this one corrects
     */
    public function __construct(
        public int $id,
        public string $at,
        public ?string $by,
        public ?int $build,
        public string $kind,
        public string $text,
        public ?int $photograph,
        public array $corrected,
        public ?int $corrects,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\House;

/** Work of the shop's own that comes again. */
final readonly class ChoreLine
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $person,
        public int $everyDays,
        public int $minutes,
        public string $dueOn,
        public ?string $plannedOn,
        public ?string $doneOn,
        public bool $overdue,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** Work that is done elsewhere. */
final readonly class SentLine
{
    /**
     * @param  string|null  $likelyOn  where it is away
     * @param  list<string>  $look  what is looked at when it is back
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $build,
        public string $title,
        public string $what,
        public string $operation,
        public string $supplier,
        public string $note,
        public ?string $cost,
        public int $days,
        public string $orderedOn,
        public ?string $plannedOn,
        public ?string $dispatchedOn,
        public ?string $expectedOn,
        public ?string $likelyOn,
        public bool $overdue,
        public string $checked,
        public array $look,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Worked;

/** A value as the page shows it; idle says why the field does not apply to this instrument. */
final readonly class ShownValue
{
    /**
     * @param  list<array<string, string>>|null  $rows
     */
    public function __construct(
        public string $words,
        public string $other,
        public string $source,
        public ?array $rows,
        public ?string $idle,
    ) {
    }
}

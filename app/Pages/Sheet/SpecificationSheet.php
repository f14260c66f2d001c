<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class SpecificationSheet
{
    /**
     * @param  list<SheetGroup>  $groups
     */
    public function __construct(
        public int $revision,
        public bool $released,
        public string $at,
        public array $groups,
        public string $wishes,
    ) {
    }
}

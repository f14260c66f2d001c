<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class HelpLine
{
    /**
     * @param  list<HelpGain>  $gains
     * @param  array<string, int|string|null>|null  $change
     */
    public function __construct(
        public string $words,
        public string $kind,
        public array $gains,
        public ?array $change,
    ) {
    }
}

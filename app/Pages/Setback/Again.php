<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** The same went wrong before. */
final readonly class Again
{
    /**
     * @param  string  $heading  `Third time this year`
     * @param  int|null  $seen  the version of how the house does that operation; null where there is none to write in
     */
    public function __construct(
        public string $heading,
        public string $words,
        public ?int $operation,
        public ?int $seen,
        public string $instruction,
    ) {
    }
}

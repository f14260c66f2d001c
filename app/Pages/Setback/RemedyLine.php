<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Worked\Drawing;

/** One thing that can be done about it. */
final readonly class RemedyLine
{
    /**
     * @param  string|null  $money  what it adds, labour and parts, where the viewer sees money
     * @param  string|null  $lost  what goes to the loss account when it is chosen
     * @param  list<string>  $parts
     * @param  list<string>  $cannot
     * @param  list<string>  $shows
     */
    public function __construct(
        public string $do,
        public string $option,
        public string $name,
        public int $minutes,
        public ?string $money,
        public ?string $lost,
        public array $parts,
        public array $cannot,
        public array $shows,
        public bool $replaces,
        public ?Drawing $drawing,
    ) {
    }
}

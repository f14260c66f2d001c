<?php

declare(strict_types=1);

namespace App\Pages\Worked;

use App\Pages\LeavesOutNull;
use JsonSerializable;

/** One line, circle or words of a drawing, in millimetres. */
final readonly class Shape implements JsonSerializable
{
    use LeavesOutNull;

    public function __construct(
        public string $style,
        public ?string $fill = null,
        public ?string $part = null,
        public ?string $d = null,
        public ?float $x = null,
        public ?float $y = null,
        public ?float $r = null,
        public ?string $words = null,
        public ?string $anchor = null,
        public ?float $size = null,
    ) {
    }
}

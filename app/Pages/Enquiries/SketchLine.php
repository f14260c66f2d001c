<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Worked\Drawing;

/** A sketch beside the others of its enquiry. */
final readonly class SketchLine
{
    /**
     * @param  string  $problem  why it cannot be worked out; empty if it can
     * @param  string  $budget  how it stands to the budget, in words; empty without one
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $inOneLine,
        public ?Drawing $drawing,
        public string $problem,
        public string $hours,
        public string $material,
        public string $price,
        public string $weight,
        public string $budget,
        public bool $isOver,
    ) {
    }
}

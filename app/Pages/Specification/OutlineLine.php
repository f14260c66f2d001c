<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Worked\Drawing;

final readonly class OutlineLine
{
    /** @param  float  $share  how long it is beside the longest, 0 to 1 */
    public function __construct(
        public string $name,
        public Drawing $drawing,
        public float $share,
        public string $length,
        public string $area,
        public string $perimeter,
        public bool $isSymmetric,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** One line of a list to tick. */
final readonly class BenchJoint
{
    /**
     * @param  string  $by  who has ticked it; empty for nobody
     */
    public function __construct(
        public string $item,
        public string $by,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Bench;

use App\Pages\Gate\ReadChart;

/** A reading that comes again with every instrument. */
final readonly class HeldLine
{
    /**
     * @param  list<HeldBy>  $by
     */
    public function __construct(
        public string $key,
        public string $operation,
        public ReadChart $chart,
        public array $by,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class Progress
{
    /**
     * @param  list<ProgressFigure>  $figures
     */
    public function __construct(
        public float $budget,
        public float $planned,
        public float $earned,
        public float $actual,
        public float $share,
        public array $figures,
    ) {
    }
}

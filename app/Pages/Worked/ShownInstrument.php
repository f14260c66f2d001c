<?php

declare(strict_types=1);

namespace App\Pages\Worked;

final readonly class ShownInstrument
{
    /**
     * @param  list<ComputedFigure>  $figures
     * @param  list<ShownFinding>  $findings
     * @param  list<Drawing>  $views
     */
    public function __construct(
        public string $inOneLine,
        public string $standing,
        public array $figures,
        public array $findings,
        public array $views,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class BuildHistory
{
    /**
     * @param  list<FinishMove>  $moves
     */
    public function __construct(
        public int $number,
        public string $title,
        public int $slips,
        public int $days,
        public ?string $promisedOn,
        public ?string $finish,
        public string $words,
        public array $moves,
    ) {
    }
}

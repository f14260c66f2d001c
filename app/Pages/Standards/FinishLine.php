<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class FinishLine
{
    /**
     * @param  list<HistoryLine>  $history
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public int $body_coats,
        public int $neck_coats,
        public int $coats_a_day,
        public string $after_first,
        public string $between_coats,
        public string $overnight,
        public string $cure,
        public string $window,
        public string $source,
        public array $history,
    ) {
    }
}

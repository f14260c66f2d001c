<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class PersonOff
{
    /**
     * @param  list<array{int, int}>  $off
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $off,
    ) {
    }
}

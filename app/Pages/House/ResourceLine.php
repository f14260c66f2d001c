<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class ResourceLine
{
    /** @param  array<int, string>  $hours  by weekday, as they are typed */
    public function __construct(
        public int $id,
        public string $kind,
        public string $name,
        public int $capacity,
        public int $version,
        public bool $ownHours,
        public array $hours,
        public ?string $everySecondFrom,
    ) {
    }
}

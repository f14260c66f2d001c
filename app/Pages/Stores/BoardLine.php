<?php

declare(strict_types=1);

namespace App\Pages\Stores;

final readonly class BoardLine
{
    /**
     * @param  string|null  $money  where the viewer sees money
     * @param  string|null  $readyOn  the day from which it is settled; null where nothing was read
     */
    public function __construct(
        public int $id,
        public string $species,
        public string $size,
        public string $feet,
        public string $cut,
        public string $place,
        public ?string $money,
        public string $moisture,
        public ?string $readyOn,
        public bool $ready,
        public bool $protected,
        public int $serves,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Buying;

use App\Pages\Shop\Option;

/** A line of an order, and what of it came. */
final readonly class OrderedLine
{
    /**
     * @param  string  $for  `No. 39 …` or `for stock`
     * @param  string|null  $cost  of the whole line; of what is still to come in $costToCome
     * @param  list<Option>  $measure  what is to be measured on it, and is not known yet
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $number,
        public float $quantity,
        public string $unit,
        public float $came,
        public float $missing,
        public float $sentBack,
        public string $for,
        public ?int $build,
        public ?int $part,
        public string $place,
        public ?string $cost,
        public ?string $costToCome,
        public bool $keeps,
        public array $measure,
    ) {
    }
}

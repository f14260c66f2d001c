<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** A part that is wrong and waits for a decision. */
final readonly class WrongPart
{
    /**
     * @param  list<string>  $known  what was measured on it
     * @param  list<FitLine>  $fits
     */
    public function __construct(
        public int $lot,
        public string $name,
        public float $quantity,
        public string $unit,
        public string $because,
        public string $supplier,
        public ?int $order,
        public ?string $cost,
        public array $known,
        public array $fits,
    ) {
    }
}

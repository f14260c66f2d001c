<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/** What a new shop pays for something until it says otherwise; in whole currency units. */
final readonly class StarterPrice
{
    public function __construct(
        public string $name,
        public string $unit,
        public int $cost,
        public int $leadDays,
        public string $supplier,
    ) {
    }

    public static function hardware(string $name, string $unit, int $cost, int $leadDays): self
    {
        return new self($name, $unit, $cost, $leadDays, 'hardware supplier');
    }

    public static function timber(string $name, string $unit, int $cost): self
    {
        return new self($name, $unit, $cost, 7, 'timber yard');
    }

    public function price(string $key, string $currency): Price
    {
        $cost = Money::ofMinor(Money::parse('1', $currency)->minor * $this->cost, $currency);

        return new Price($key, $this->name, $this->unit, $cost, $this->leadDays, $this->supplier);
    }
}

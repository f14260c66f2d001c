<?php

declare(strict_types=1);

namespace Regimen\Costing;

final readonly class PriceList
{
    /** @param  array<string, Price>  $prices  by key */
    private function __construct(private array $prices, public string $currency)
    {
    }

    /** @return list<Price> */
    public function all(): array
    {
        return array_values($this->prices);
    }

    /** @param  iterable<Price>  $prices */
    public static function of(iterable $prices, string $currency): self
    {
        $byKey = [];
        foreach ($prices as $price) {
            $byKey[$price->key] = $price;
        }

        return new self($byKey, $currency);
    }

    /** @throws UnknownPrice */
    public function price(string $key): Price
    {
        return $this->prices[$key] ?? throw UnknownPrice::of($key);
    }
}

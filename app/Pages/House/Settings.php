<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class Settings
{
    /**
     * @param  array<int, string>  $hours
     */
    public function __construct(
        public string $name,
        public string $currency,
        public string $timezone,
        public int $version,
        public string $labour_rate,
        public string $overhead_percent,
        public string $margin_percent,
        public string $deposit_percent,
        public string $risk_days,
        public string $promise_chance,
        public string $papers_years,
        public string $tax_percent,
        public string $quote_days,
        public string $quotes_hold,
        public string $quote_words,
        public array $hours,
    ) {
    }
}

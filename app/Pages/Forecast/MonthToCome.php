<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** What a month brings: in one of ten runs at most, in half of them, in nine of ten at most. */
final readonly class MonthToCome
{
    /**
     * @param  list<int>  $hours
     * @param  list<string>  $money  balances of what is handed over
     */
    public function __construct(public string $month, public array $hours, public array $money)
    {
    }
}

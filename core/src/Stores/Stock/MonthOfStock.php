<?php

declare(strict_types=1);

namespace Regimen\Stores\Stock;

use Regimen\Units\Money;

/** What the stock was worth at the beginning and at the end of a month, and what it changed by: the end is always the beginning and all changes. */
final readonly class MonthOfStock
{
    /** @param  array<string, Money>  $changes  by kind: what came is above zero, what went below */
    private function __construct(public string $month, public Money $opening, public array $changes, public Money $closing)
    {
    }

    /**
     * @param  list<array{string, string, int}>  $entries  month (`2026-03`), kind and minor units
     * @return list<self> one for each month from the first to the last, also where nothing moved
     */
    public static function all(array $entries, string $last, string $currency): array
    {
        $byMonth = [];
        foreach ($entries as [$month, $kind, $minor]) {
            $byMonth[$month][$kind] = ($byMonth[$month][$kind] ?? 0) + $minor;
        }
        if ($byMonth === []) {
            return [];
        }
        $months = [];
        $opening = Money::zero($currency);
        for ($month = min(array_keys($byMonth)); $month <= max($last, ...array_keys($byMonth)); $month = self::after($month)) {
            $changes = array_map(static fn (int $minor): Money => Money::ofMinor($minor, $currency), $byMonth[$month] ?? []);
            $closing = array_reduce($changes, static fn (Money $sum, Money $one): Money => $sum->plus($one), $opening);
            $months[] = new self($month, $opening, $changes, $closing);
            $opening = $closing;
        }

        return $months;
    }

    private static function after(string $month): string
    {
        [$year, $number] = array_map(intval(...), explode('-', $month));

        return $number === 12 ? sprintf('%04d-01', $year + 1) : sprintf('%04d-%02d', $year, $number + 1);
    }
}

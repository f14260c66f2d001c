<?php

declare(strict_types=1);

namespace Regimen\Stores\Stock;

/** Amounts are whole thousandths of a part's unit: 1 piece is 1,000, 1.25 m are 1,250. */
final class Amount
{
    private const ONE = 1_000;

    /** Of what is counted there are no halves. */
    private const COUNTED = ['piece', 'pair', 'set', 'sheet'];

    /** @param  float  $quantity  in the unit */
    public static function of(float $quantity): int
    {
        return (int) round($quantity * self::ONE);
    }

    public static function units(int $thousandths): float
    {
        return $thousandths / self::ONE;
    }

    public static function isCounted(string $unit): bool
    {
        return in_array($unit, self::COUNTED, true);
    }

    /** Whether there can be so much of it. */
    public static function canBe(int $thousandths, string $unit): bool
    {
        return ! self::isCounted($unit) || $thousandths % self::ONE === 0;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Units;

/** Numbers as sentences and formulas say them. */
final class Words
{
    /** `12.75`, `6.0`: at least one digit after the point, no more than asked for. */
    public static function number(float $value, int $decimals = 1): string
    {
        $text = number_format($value, $decimals, '.', '');

        return (float) $text === 0.0 ? number_format(0, $decimals, '.', '') : $text;
    }

    public static function mm(float $mm, int $decimals = 1): string
    {
        return self::number($mm, $decimals).' mm';
    }

    /** Rounded away from what would be too little, so that it is enough. */
    public static function up(float $value, int $decimals = 1): float
    {
        return ceil($value * 10 ** $decimals - 1e-6) / 10 ** $decimals;
    }

    /** Rounded away from what would be too much. */
    public static function down(float $value, int $decimals = 1): float
    {
        return floor($value * 10 ** $decimals + 1e-6) / 10 ** $decimals;
    }

    /** Without noughts at its end: `21.5`, `0.15`. */
    public static function plain(float $value, int $decimals = 2): string
    {
        $written = number_format($value, $decimals, '.', '');

        return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }

    /** What is typed for a length in a fix. */
    public static function typed(float $mm, int $decimals = 1): string
    {
        return self::number($mm, $decimals).' mm';
    }

    /** The other unit: `1 3/4"`. */
    public static function inches(float $mm): string
    {
        return ($mm < 0 ? '−' : '').Length::ofMillimetres(abs($mm))->inFraction();
    }

    /** @param  list<int>  $strings  counted from 0 */
    public static function strings(array $strings): string
    {
        $names = array_map(static fn (int $string): string => (string) ($string + 1), $strings);

        return (count($names) === 1 ? 'string ' : 'strings ').implode(', ', $names);
    }
}

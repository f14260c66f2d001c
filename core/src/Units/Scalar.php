<?php

declare(strict_types=1);

namespace Regimen\Units;

/** A decimal number with one of a quantity's units, read as it is typed: `500k`, `0.022 µF`, `-1.5°`, `8 lb`. */
final class Scalar
{
    /** @var array<string, float> to grams; pound and ounce of the 1959 agreement */
    public const MASS = ['g' => 1.0, 'kg' => 1000.0, 'lb' => 453.59237, 'lbs' => 453.59237, 'oz' => 28.349523125];

    /** @var array<string, float> to degrees */
    public const ANGLE = ['°' => 1.0, 'deg' => 1.0, 'degrees' => 1.0];

    /** @var array<string, float> to kilohms */
    public const RESISTANCE = [
        'k' => 1.0, 'kω' => 1.0, 'kohm' => 1.0, 'ω' => 0.001, 'ohm' => 0.001, 'r' => 0.001, 'm' => 1000.0,
        'mω' => 1000.0, 'mohm' => 1000.0,
    ];

    /** @var array<string, float> to nanofarads */
    public const CAPACITANCE = [
        'nf' => 1.0, 'n' => 1.0, 'µf' => 1000.0, 'μf' => 1000.0, 'uf' => 1000.0, 'pf' => 0.001, 'p' => 0.001,
    ];

    /** @var array<string, float> to per cent */
    public const PERCENT = ['%' => 1.0];

    /** @var array<string, float> to degrees Celsius; Fahrenheit is converted apart */
    public const TEMPERATURE = ['°c' => 1.0, 'c' => 1.0];

    private const LARGEST = 1e9;

    /**
     * @param  array<string, float>  $units  what one of each is in the unit that is returned, by its lower-case sign
     * @param  string  $unit  the unit of a number without one
     * @param  list<string>  $examples  that can be read
     *
     * @throws InvalidQuantity if it is empty, unreadable, absurdly large, or negative where that is not allowed
     */
    public static function parse(
        string $typed,
        array $units,
        string $unit,
        array $examples,
        bool $signed = false,
    ): float {
        $text = mb_strtolower(str_replace(',', '.', TypedText::of($typed)));
        if ($text === '') {
            throw InvalidQuantity::empty(...$examples);
        }
        if (
            preg_match('/^([+-]?)(\d+(?:\.\d+)?|\.\d+)\s*(\D*)$/u', $text, $found) !== 1
            || ! isset($units[$found[3] === '' ? $unit : trim($found[3])])
        ) {
            throw InvalidQuantity::unreadable(trim($typed), ...$examples);
        }
        if ($found[1] === '-' && ! $signed) {
            throw InvalidQuantity::negative(trim($typed));
        }
        $value = (float) $found[2] * $units[$found[3] === '' ? $unit : trim($found[3])];
        if ($value > self::LARGEST) {
            throw InvalidQuantity::tooLarge(trim($typed));
        }

        return $found[1] === '-' ? -$value : $value;
    }

    /**
     * A bare number, `2`, `1.5` or `1,5`.
     *
     * @throws InvalidQuantity
     */
    public static function plain(string $typed): float
    {
        return self::parse($typed, ['' => 1.0], '', ['2', '1.5'], true);
    }

    /**
     * Degrees Celsius from `21`, `21 °C` or `70 F`.
     *
     * @throws InvalidQuantity
     */
    public static function temperature(string $typed): float
    {
        if (preg_match('/^\s*([+-]?\d+(?:[.,]\d+)?)\s*°?\s*f\s*$/iu', TypedText::of($typed), $found) === 1) {
            return ((float) str_replace(',', '.', $found[1]) - 32) / 1.8;
        }

        return self::parse($typed, self::TEMPERATURE, 'c', ['21 °C', '70 °F'], true);
    }
}

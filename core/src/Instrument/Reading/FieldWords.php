<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Electronics\ElectricWords;
use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\Option;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Timber\Species;
use Regimen\Units\Length;
use Regimen\Units\Words;

/** A value of a specification in words, and in the other unit where there is one. */
final class FieldWords
{
    public static function of(Field $field, mixed $value): string
    {
        return match (true) {
            $value === null || $value === '' || $value === [] => '',
            $field->kind === FieldKind::Rows => self::rows($field, $value),
            $field->kind === FieldKind::Points => implode(
                ' ',
                array_map(
                    static fn (array $point): string => self::trimmed($point[0]).'/'.self::trimmed($point[1]),
                    $value,
                ),
            ),
            $field->kind === FieldKind::Resistances => implode(', ', array_map(ElectricWords::resistance(...), $value)),
            $field->kind === FieldKind::Capacitances => implode(
                ', ', array_map(ElectricWords::capacitance(...), $value),
            ),
            is_array($value) => implode(', ', array_map(self::scalar(...), $value)),
            is_float($value) => self::measure($field, $value),
            default => self::scalar($value),
        };
    }

    /** `1 11/16"` beside millimetres, `7.9 lb` beside kilograms. */
    public static function other(Field $field, mixed $value): string
    {
        return match (true) {
            $value instanceof Length => Words::inches($value->mm),
            $field->kind === FieldKind::Mass && is_float($value) => Words::number($value / 453.59237, 2).' lb',
            default => '',
        };
    }

    private static function scalar(mixed $value): string
    {
        return match (true) {
            $value instanceof Length => self::trimmed($value->mm).' mm',
            $value instanceof Species => $value->name,
            $value instanceof Option => $value->words(),
            $value instanceof Gauge, $value instanceof SwitchPosition => $value->inWords(),
            $value instanceof Note => $value->name,
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => '-',
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    private static function measure(Field $field, float $value): string
    {
        return match ($field->kind) {
            FieldKind::Angle => self::trimmed($value).'°',
            FieldKind::Mass => $value >= 1000 ? self::trimmed($value / 1000).' kg' : self::trimmed($value).' g',
            FieldKind::Percent => self::trimmed($value).' %',
            FieldKind::Temperature => self::trimmed($value).' °C',
            FieldKind::Resistance => ElectricWords::resistance($value),
            default => self::trimmed($value),
        };
    }

    /**
     * Row by row; where a row has several figures each says what it is.
     *
     * @param  array<object>  $rows
     */
    private static function rows(Field $field, array $rows): string
    {
        return implode('; ', array_map(static function (object $row) use ($field): string {
            $names = $figures = [];
            foreach ($field->columns as $column) {
                $words = self::of($column, $row->{$column->key});
                if ($words === '') {
                    continue;
                }
                if (in_array($column->kind, [FieldKind::Choice, FieldKind::Timber, FieldKind::Name], true)) {
                    $names[] = $words;
                } else {
                    $figures[lcfirst(strtok($column->label, ',') ?: '')] = $words;
                }
            }
            $named = implode(' ', $names);

            return count($figures) < 2 ? trim("{$named} ".implode('', $figures)) : "{$named}: ".implode(
                ', ',
                array_map(
                    static fn (string $what, string $words): string => "{$what} {$words}", array_keys($figures), $figures,
                ),
            );
        }, $rows));
    }

    /** At most two digits after the point, none that say nothing. */
    private static function trimmed(float $value): string
    {
        return str_contains($text = Words::number($value, 2), '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}

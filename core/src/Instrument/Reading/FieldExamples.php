<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Refusal;

/** What an error at a field proposes; the field accepts all of it. */
final class FieldExamples
{
    /** A refusal at this field: with its own bounds and examples where the reader did not know them. */
    public static function refused(Field $field, string $typed, InvalidQuantity $wrong): InvalidQuantity
    {
        if ($field->bounds === null || self::unit($field) === null) {
            return $wrong;
        }
        $value = self::usual($field);

        return match ($wrong->why) {
            Refusal::Empty,
            Refusal::Unreadable => $wrong->proposing(
                mb_substr($typed, 0, 40), self::printed($field, $value), ...self::inches($field, $value),
            ),
            Refusal::Negative => InvalidQuantity::below(
                mb_substr($typed, 0, 40), self::printed($field, $field->bounds[0]),
                self::printed($field, $field->bounds[1]),
            ),
            Refusal::TooLarge => self::outside($field, $typed),
            Refusal::Other => $wrong,
        };
    }

    /** The unit in which bounds are kept; null for what has none. */
    private static function unit(Field $field): ?string
    {
        return match ($field->kind) {
            FieldKind::Length, FieldKind::Signed => ' mm',
            FieldKind::Angle => '°',
            FieldKind::Mass => ' g',
            FieldKind::Percent => ' %',
            FieldKind::Temperature => ' °C',
            FieldKind::Resistance => ' kΩ',
            FieldKind::Whole => '',
            default => null,
        };
    }

    /** @param  float|null  $mm  what was read, where it is a length: in inches it may have been meant */
    public static function outside(Field $field, string $typed, ?float $mm = null): InvalidQuantity
    {
        [$least, $most] = $field->bounds ?? [0.0, 0.0];
        $inches = $mm === null || str_contains($typed, 'mm') ? null : $mm * Length::MM_PER_INCH;
        $meant = $inches !== null && $inches >= $least && $inches <= $most ? self::number((float) $mm, 4).' in' : null;

        return InvalidQuantity::outside(
            mb_substr($typed, 0, 40), self::printed($field, $least), self::printed($field, $most), $meant,
        );
    }

    /** The default where there is one, else the middle of the bounds, in the unit in which they are kept. */
    private static function usual(Field $field): float
    {
        [$least, $most] = $field->bounds ?? [0.0, 0.0];
        $typed = $field->defaultFor('guitar');
        $value = $typed === '' ? null : FieldReader::read($field, $typed);

        return match (true) {
            $value instanceof Length => $value->mm,
            is_int($value), is_float($value) => (float) $value,
            default => floor(($least + $most) / 2),
        };
    }

    /** @return list<string> */
    private static function inches(Field $field, float $mm): array
    {
        if ($field->kind !== FieldKind::Length && $field->kind !== FieldKind::Signed) {
            return [];
        }
        $inches = round($mm / Length::MM_PER_INCH, 3);
        [$least, $most] = $field->bounds ?? [0.0, 0.0];

        return $inches * Length::MM_PER_INCH >= $least && $inches * Length::MM_PER_INCH <= $most
            ? [self::number($inches, 3).' in']
            : [];
    }

    private static function printed(Field $field, float $value): string
    {
        return self::number($value, 3).self::unit($field);
    }

    private static function number(float $value, int $digits): string
    {
        return (string) round($value, $digits);
    }
}

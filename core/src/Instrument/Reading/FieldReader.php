<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Timber\Species;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Money;
use Regimen\Units\Scalar;
use Regimen\Units\TypedText;

/** Reads what was typed into a field, and refuses what cannot be built with the bounds that can. */
final class FieldReader
{
    private const LONGEST_TEXT = 4000;

    /** Outlines are kept as the SVG they came from. */
    private const LONGEST_OUTLINE = 200_000;

    /** @throws InvalidQuantity whose proposals this field accepts */
    public static function read(Field $field, string $typed): mixed
    {
        try {
            return self::value($field, trim($typed));
        } catch (InvalidQuantity $wrong) {
            throw FieldExamples::refused($field, trim($typed), $wrong);
        }
    }

    /** @throws InvalidQuantity */
    private static function value(Field $field, string $typed): mixed
    {
        return match ($field->kind) {
            FieldKind::Length => self::length($field, Length::parse($typed), $typed),
            FieldKind::Signed => self::length($field, Length::parseSigned($typed), $typed),
            FieldKind::Angle => self::within($field, Scalar::parse($typed, Scalar::ANGLE, '°', ['10°'], true), $typed),
            FieldKind::Mass => self::within(
                $field,
                Scalar::parse(
                    $typed, Scalar::MASS, $field->bounds !== null && $field->bounds[1] > 3000 ? 'kg' : 'g', ['3.6 kg'],
                ),
                $typed,
            ),
            FieldKind::Percent => self::within($field, Scalar::parse($typed, Scalar::PERCENT, '%', ['8.5 %']), $typed),
            FieldKind::Temperature => self::within($field, Scalar::temperature($typed), $typed),
            FieldKind::Amount => self::amount($typed),
            FieldKind::Whole => self::whole($field, $typed),
            FieldKind::Choice => self::choice($field, $typed),
            FieldKind::Timber => self::timber($typed),
            FieldKind::Resistance => self::within(
                $field, Scalar::parse($typed, Scalar::RESISTANCE, 'k', ['8.2k']), $typed,
            ),
            FieldKind::Name => preg_match('/^[\p{L}\d -]{1,24}$/u', $typed) === 1
                ? $typed
                : throw InvalidQuantity::unreadable($typed, 'neck', 'middle', 'bridge'),
            FieldKind::Text, FieldKind::Prose => self::text($field, $typed),
            default => self::list($field, $typed),
        };
    }

    /** @throws InvalidQuantity */
    private static function list(Field $field, string $typed): mixed
    {
        $typed = $field->kind === FieldKind::Positions ? $typed : TypedText::of($typed);
        $words = self::split($typed, $field->kind === FieldKind::Positions ? '/[,;\n]+/' : '/[,;\s]+/');
        if (count($words) > 40) {
            throw InvalidQuantity::tooLarge(mb_substr($typed, 0, 40).'…');
        }

        return match ($field->kind) {
            FieldKind::Gauges => array_map(Gauge::parse(...), $words),
            FieldKind::Tuning => array_map(Note::parse(...), $words),
            FieldKind::Masses => array_map(
                static fn (string $word): ?float => $word === '-'
                    ? null
                    : Scalar::parse($word, ['g/m' => 1.0], 'g/m', ['5.2', '-']),
                $words,
            ),
            FieldKind::Resistances => array_map(
                static fn (string $word): float => Scalar::parse($word, Scalar::RESISTANCE, 'k', ['500k']),
                self::quantities($typed),
            ),
            FieldKind::Capacitances => array_map(
                static fn (string $word): float => Scalar::parse(
                    $word, Scalar::CAPACITANCE, 'µf', ['22 nF', '0.022 µF'],
                ),
                self::quantities($typed),
            ),
            FieldKind::Positions => array_map(SwitchPosition::parse(...), $words),
            FieldKind::Points => array_map(self::point(...), $words),
            FieldKind::Numbers => array_map(static fn (string $word): int => self::whole($field, $word), $words),
            default => throw new \LogicException("{$field->kind->value} is no list."),
        };
    }

    /** @return list<string> */
    private static function split(string $typed, string $pattern): array
    {
        return preg_split($pattern, trim($typed), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<string> numbers with their units: `500 k 250k` is two */
    private static function quantities(string $typed): array
    {
        return self::split((string) preg_replace('/(\d)\s+(?=[^\d\s,;.])/u', '$1', $typed), '/[;\s]+|,(?!\d)/');
    }

    private static function length(Field $field, Length $length, string $typed): Length
    {
        return self::isWithin($field, $length->mm)
            ? $length
            : throw FieldExamples::outside($field, $typed, $length->mm);
    }

    private static function within(Field $field, float $value, string $typed): float
    {
        return self::isWithin($field, $value) ? $value : throw FieldExamples::outside($field, $typed);
    }

    private static function isWithin(Field $field, float $value): bool
    {
        return $field->bounds === null || $value >= $field->bounds[0] && $value <= $field->bounds[1];
    }

    private static function whole(Field $field, string $typed): int
    {
        $text = TypedText::of($typed);
        if (preg_match('/^\d{1,6}$/', $text) !== 1) {
            throw InvalidQuantity::unreadable($typed, '3', '12')->explained('a whole number');
        }

        return self::isWithin($field, (float) $text) ? (int) $text : throw FieldExamples::outside($field, $typed);
    }

    private static function choice(Field $field, string $typed): \BackedEnum|bool
    {
        $chosen = $field->enum === null ? null : $field->enum::tryFrom($typed);
        if ($chosen === null) {
            throw new InvalidQuantity(
                '“'.mb_substr($typed, 0, 40).'” is no choice here. Choose one of: '
                    .implode(', ', array_keys($field->options)).'.',
                array_map(strval(...), array_keys($field->options)),
            );
        }

        return $chosen instanceof YesNo ? $chosen === YesNo::Yes : $chosen;
    }

    private static function timber(string $typed): Species
    {
        try {
            return Species::named($typed);
        } catch (\InvalidArgumentException $unknown) {
            throw new InvalidQuantity($unknown->getMessage());
        }
    }

    /** Kept as it was typed; the shop's currency says what it is in. */
    private static function amount(string $typed): string
    {
        Money::parse($typed, 'EUR');

        return $typed;
    }

    private static function text(Field $field, string $typed): string
    {
        $longest = $field->key === 'outlineSvg' ? self::LONGEST_OUTLINE : self::LONGEST_TEXT;

        return strlen($typed) <= $longest
            ? $typed
            : throw new InvalidQuantity(strlen($typed)." characters are too many; {$longest} are the most.");
    }

    /**
     * `40/12`: so far along, so far off the centre line; either may be in inches.
     *
     * @return array{float, float} mm
     */
    private static function point(string $typed): array
    {
        $parts = explode('/', $typed);
        if (count($parts) !== 2) {
            throw InvalidQuantity::unreadable($typed, '40/12', '65/-9')->explained(
                'distance from the nut and from the centre line in mm',
            );
        }
        $point = [Length::parseSigned($parts[0])->mm, Length::parseSigned($parts[1])->mm];

        return abs($point[0]) <= 1000 && abs($point[1]) <= 500
            ? $point
            : throw InvalidQuantity::outside($typed, '0/0', '1000/500');
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Schedule\Time\HoursText;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Money;
use Regimen\Units\Scalar;
use Regimen\Units\TypedText;

/** Digits are those of the Unicode Character Database: general category Nd is read, No and Nl are refused. */
final class TypedTextTest extends TestCase
{
    /** Every decimal digit that PHP's intl extension knows, against its own value. */
    public function test_decimal_digits_of_every_script_are_read(): void
    {
        $read = 0;
        for ($code = 0x80; $code <= 0x1FBFF; $code++) {
            if (preg_match('/^\p{Nd}$/u', (string) \IntlChar::chr($code)) === 1) {
                self::assertSame(
                    (string) \IntlChar::getNumericValue($code), TypedText::of((string) \IntlChar::chr($code)),
                    dechex($code),
                );
                $read++;
            }
        }
        self::assertGreaterThan(500, $read);
    }

    #[TestWith(['４３．５', '43.5'])]
    #[TestWith(['٤٣٫٥', '43.5'])]
    #[TestWith(['１　３／４', '1 3/4'])]
    #[TestWith(['1½', '1 1/2'])]
    #[TestWith(['⅚', '1/6', ''])]
    #[TestWith(['−2', '-2'])]
    #[TestWith(["43\u{00A0}mm", '43 mm'])]
    public function test_marks_are_read_as_ours(string $typed, string $read, ?string $differs = null): void
    {
        $differs === null
            ? self::assertSame($read, TypedText::of($typed))
            : self::assertNotSame($read, TypedText::of($typed));
    }

    /** @return iterable<string, array{callable(string): mixed}> */
    public static function readers(): iterable
    {
        yield 'length' => [Length::parse(...)];
        yield 'signed length' => [Length::parseSigned(...)];
        yield 'duration' => [Duration::parse(...)];
        yield 'money' => [static fn (string $typed): Money => Money::parse($typed, 'EUR')];
        yield 'mass' => [static fn (string $typed): float => Scalar::parse($typed, Scalar::MASS, 'kg', ['3 kg'])];
        yield 'angle' => [static fn (string $typed): float => Scalar::parse($typed, Scalar::ANGLE, '°', ['10°'], true)];
        yield 'number' => [Scalar::plain(...)];
        yield 'temperature' => [Scalar::temperature(...)];
        yield 'gauge' => [Gauge::parse(...)];
    }

    /** @param  callable(string): mixed  $read */
    #[DataProvider('readers')]
    public function test_other_digits_mean_the_same_or_are_refused(callable $read): void
    {
        self::assertEquals($read('12'), $read('１２'), 'full-width');
        self::assertEquals($read('12'), $read('١٢'), 'Arabic');
        foreach (['1²', '²', '①', '1₂', 'Ⅻ'] as $typed) {
            try {
                self::fail("{$typed} was read as ".json_encode($read($typed)));
            } catch (InvalidQuantity $wrong) {
                self::assertStringContainsString($typed, $wrong->getMessage());
            }
        }
    }

    public function test_notes_and_hours_read_them_too(): void
    {
        self::assertSame('E4', Note::parse('E４')->name);
        self::assertSame([[480, 720]], HoursText::parse('８:００–１２:００'));
    }

    /** @return iterable<string, array{Field}> every field in which a number stands */
    public static function fields(): iterable
    {
        foreach (SpecificationFields::all() as $field) {
            foreach ($field->kind === FieldKind::Rows ? $field->columns : [$field] as $one) {
                if (! in_array(
                    $one->kind,
                    [
                        FieldKind::Text, FieldKind::Prose, FieldKind::Name, FieldKind::Choice, FieldKind::Timber,
                        FieldKind::Positions, FieldKind::Amount,
                    ],
                    true,
                )) {
                    yield "{$field->key}.{$one->key}" => [$one];
                }
            }
        }
    }

    /** What a field reads in ASCII it reads in full-width digits; raised ones never become another number. */
    #[DataProvider('fields')]
    public function test_every_field_has_the_same_reader(Field $field): void
    {
        $typed = match ($field->kind) {
            FieldKind::Tuning => 'E4',
            FieldKind::Points => '5/12',
            FieldKind::Gauges => '12',
            FieldKind::Mass => ceil($field->bounds[0]).' g',
            default => (string) max(5, (int) ceil($field->bounds[0] ?? 5)),
        };
        if (($field->bounds[1] ?? 5) < 5) {
            $typed = (string) ceil($field->bounds[0] ?? 1);
        }
        $wide = (string) preg_replace_callback(
            '/\d/', static fn (array $digit): string => mb_chr(0xFF10 + (int) $digit[0]), $typed,
        );
        self::assertEquals(FieldReader::read($field, $typed), FieldReader::read($field, $wide));
        $this->expectException(InvalidQuantity::class);
        FieldReader::read($field, (string) preg_replace('/\d/', '²', $typed));
    }

    /** @return iterable<string, array{Field, string}> */
    public static function refusals(): iterable
    {
        foreach (self::fields() as $name => [$field]) {
            yield "{$name}, unreadable" => [$field, 'about so'];
            if (! in_array(
                $field->kind,
                [
                    FieldKind::Tuning, FieldKind::Amount, FieldKind::Masses, FieldKind::Resistances,
                    FieldKind::Capacitances, FieldKind::Numbers,
                ],
                true,
            )) {
                yield "{$name}, far too much" => [$field, $field->kind === FieldKind::Points ? '1200/900' : '90000'];
            }
            if (($field->bounds[0] ?? 0) > 0) {
                yield "{$name}, too little" => [$field, '0'];
            }
        }
    }

    /** What an error proposes is itself accepted: bounds, examples, “did you mean”. */
    #[DataProvider('refusals')]
    public function test_what_an_error_proposes_is_accepted(Field $field, string $typed): void
    {
        try {
            FieldReader::read($field, $typed);
            self::fail("{$typed} was read.");
        } catch (InvalidQuantity $wrong) {
            foreach ($wrong->proposals as $proposal) {
                FieldReader::read($field, $proposal);
                self::assertStringContainsString($proposal, $wrong->getMessage());
            }
            self::assertNotSame([], $wrong->proposals, $wrong->getMessage());
        }
    }
}

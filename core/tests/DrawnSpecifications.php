<?php

declare(strict_types=1);

namespace Regimen\Tests;

use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Timber\Species;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;

/**
 * Specifications drawn at random over every field, as a careless client would type them: all types, 4 to 12 strings,
 * both hands, inches and millimetres.
 */
final class DrawnSpecifications
{
    /** Fields that are never drawn: words, pictures and lists that the strings decide. */
    private const LEFT = [
        'type', 'strings', 'hand', 'name', 'style', 'budget', 'outlineSvg', 'unitMasses', 'electronics', 'finishSteps',
        'boardColour', 'scaleTreble', 'depthCurve', 'posts', 'tuning', 'markerFrets',
    ];

    /**
     * @param  float  $share  of the fields that are typed
     * @return iterable<int, array{array<string, mixed>, ReadSpecification}> what is typed and read; only what can be
     *   read
     */
    public static function of(int $count, int $seed, float $share = 0.12): iterable
    {
        mt_srand($seed);
        for ($drawn = 0; $drawn < $count;) {
            $typed = self::typed($share);
            $read = SpecificationReader::read($typed);
            if ($read->specification !== null) {
                yield $drawn++ => [$typed, $read];
            }
        }
    }

    /** @return array<string, mixed> */
    private static function typed(float $share): array
    {
        $type = InstrumentType::cases()[mt_rand(0, 2)];
        $strings = $type === InstrumentType::Bass ? mt_rand(4, 8) : mt_rand(4, 12);
        $typed = [
            'type' => $type->value, 'strings' => (string) $strings, 'hand' => mt_rand(0, 1) === 0 ? 'right' : 'left',
        ];
        $house = HouseDefaults::ofTrade($type);
        foreach (SpecificationFields::all() as $key => $field) {
            if (in_array($key, self::LEFT, true) || mt_rand(0, 999) >= 1000 * $share) {
                continue;
            }
            $value = $field->kind === FieldKind::Rows
                ? self::rows($field)
                : self::value($field, is_string($house[$key] ?? null) ? $house[$key] : '');
            if ($value !== null) {
                $typed[$key] = $value;
            }
        }

        return $typed;
    }

    /** @return list<array<string, string>> */
    private static function rows(Field $field): array
    {
        [$least, $most] = $field->bounds ?? [0, 3];
        $rows = [];
        for ($row = mt_rand((int) $least, min(4, (int) $most)); $row > 0; $row--) {
            $cells = [];
            foreach ($field->columns as $column) {
                $cells[$column->key] = $column->kind === FieldKind::Name
                    ? ['neck', 'middle', 'bridge', 'one'][mt_rand(0, 3)]
                    : (string) self::value($column, is_string($column->default) ? $column->default : '');
            }
            if (mt_rand(0, 1) === 0) {
                unset($cells['position'], $cells['spread']);
            }
            $rows[] = $cells;
        }

        return $rows;
    }

    private static function value(Field $field, string $default): ?string
    {
        [$least, $most] = $field->bounds ?? [0.0, 0.0];
        $near = static fn (float $of): float => max($least, min($most, $of * mt_rand(550, 1600) / 1000));

        return match ($field->kind) {
            FieldKind::Choice => (string) array_keys($field->options)[mt_rand(0, count($field->options) - 1)],
            FieldKind::Timber => Species::names()[mt_rand(0, count(Species::names()) - 1)],
            FieldKind::Length,
            FieldKind::Signed => self::length(
                $default === '' ? $least + ($most - $least) * mt_rand(0, 400) / 1000 : $near(self::mm($default)),
                $least,
                $most,
            ),
            FieldKind::Angle => round($least + ($most - $least) * mt_rand(0, 1000) / 1000, 1).'°',
            FieldKind::Mass => round($least + ($most - $least) * mt_rand(0, 500) / 1000).' g',
            FieldKind::Percent,
            FieldKind::Temperature => (string) round($least + ($most - $least) * mt_rand(100, 900) / 1000, 1),
            FieldKind::Whole => (string) mt_rand((int) $least, (int) min($most, $least + 14)),
            FieldKind::Resistance => ['7.8k', '8 kΩ', '12', '250 Ω', '90k', '0.9k'][mt_rand(0, 5)],
            FieldKind::Resistances => ['500k', '250k, 500k', '25 kΩ', '1 MΩ 500k', '300 Ω'][mt_rand(0, 4)],
            FieldKind::Capacitances => ['22 nF', '22', '0.047 µF', '100 pF', '47, 22'][mt_rand(0, 4)],
            FieldKind::Gauges => self::gauges(),
            FieldKind::Positions => [
                'neck, neck + bridge, bridge', 'neck', 'bridge split, neck in series with bridge', 'middle',
            ][mt_rand(0, 3)],
            FieldKind::Text,
            FieldKind::Prose => ['', 'Light and quiet. Under 3.6 kg.', 'amber burst', 'cherry stain'][mt_rand(0, 3)],
            default => null,
        };
    }

    private static function gauges(): string
    {
        return [
            '9 11 16 24w 32w 42w', '11 14 18 28w 38w 50w', '46w 36w 26w 17 13 10', '45w 65w 85w 105w',
            '10 14 17w 30 36w 80w',
        ][mt_rand(0, 4)];
    }

    private static function mm(string $default): float
    {
        try {
            return Length::parseSigned($default)->mm;
        } catch (InvalidQuantity) {
            return 10.0;
        }
    }

    private static function length(float $mm, float $least, float $most): string
    {
        $inches = round($mm / 25.4 * 64) / 64;

        return mt_rand(0, 3) > 0 || $mm < 3 || $inches * 25.4 < $least || $inches * 25.4 > $most
            ? round($mm, 2).' mm'
            : Length::ofInches($inches)->inFraction();
    }
}

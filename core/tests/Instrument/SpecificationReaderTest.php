<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;

final class SpecificationReaderTest extends TestCase
{
    public function test_each_value_says_whose_it_is(): void
    {
        $read = SpecificationReader::read(['scale' => '25"', 'frets' => '']);
        self::assertSame(
            ['client', 'house', 'computed'],
            [$read->sources['scale'], $read->sources['frets'], $read->sources['boardLength']],
        );
        self::assertArrayNotHasKey('targetWeight', $read->sources);
        $house = HouseDefaults::under(['type' => 'guitar', 'frets' => '24', 'joinFret' => '18', 'scale' => '630']);
        $read = SpecificationReader::read(['scale' => '25"'], $house);
        self::assertSame([635.0, 24], [$read->orFail()->board->scale->mm, $read->orFail()->board->frets]);
    }

    public function test_a_field_that_is_younger_than_what_the_house_said_is_as_the_trade_has_it(): void
    {
        foreach (InstrumentType::cases() as $type) {
            $house = HouseDefaults::ofTrade($type);
            $whole = SpecificationReader::read([], $house)->values;
            foreach (array_keys(SpecificationFields::tradeDefaults($type->value)) as $younger) {
                $read = SpecificationReader::read(['type' => $type->value], array_diff_key($house, [$younger => true]));
                self::assertSame([], $read->problems, $younger);
                self::assertEquals($whole[$younger], $read->values[$younger], $younger);
            }
        }
    }

    public function test_every_default_can_be_read_and_stands_within_its_bounds(): void
    {
        foreach (InstrumentType::cases() as $type) {
            $read = SpecificationReader::read([], HouseDefaults::ofTrade($type));
            self::assertSame([], $read->problems, $type->value);
            foreach ($read->values as $key => $value) {
                $field = SpecificationFields::all()[$key];
                $words = FieldWords::of($field, $value);
                if (
                    $words !== ''
                    && ! in_array(
                        $field->kind,
                        [FieldKind::Rows, FieldKind::Choice, FieldKind::Gauges, FieldKind::Numbers, FieldKind::Tuning],
                        true,
                    )
                ) {
                    self::assertSame(
                        $words, FieldWords::of($field, FieldReader::read($field, $words)),
                        "{$key}: what is shown is read again",
                    );
                }
            }
        }
    }

    public function test_rows_name_their_line_and_column(): void
    {
        $problems = SpecificationReader::read(
            [
                'layers' => [
                    ['timber' => 'balsa', 'thickness' => '-2'], ['timber' => 'limba', 'thickness' => '5', 'x' => 1],
                ],
                'pickups' => [['place' => 'neck', 'kind' => 'loud']],
            ],
        )->problems;
        self::assertSame(
            ['layers.0.timber', 'layers.0.thickness', 'layers.1.x', 'pickups.0.kind'],
            array_keys($problems),
        );
        self::assertArrayHasKey('nosuch', SpecificationReader::read(['nosuch' => '1'])->problems);
        self::assertStringContainsString(
            'one value, not a list', SpecificationReader::read(['scale' => ['a']])->problems['scale'],
        );
    }

    public function test_too_many_rows_or_none_are_refused_with_how_many_there_may_be(): void
    {
        $problem = static fn (
            array $typed, string $field,
        ): string => SpecificationReader::read($typed)->problems[$field]
            ?? '';
        $cavity = ['kind' => 'control', 'depth' => '10', 'length' => '20', 'width' => '20'];
        self::assertSame('Cavities: 0 to 8.', $problem(['cavities' => array_fill(0, 9, $cavity)], 'cavities'));
        self::assertSame('', $problem(['cavities' => array_fill(0, 8, $cavity)], 'cavities'));
        self::assertNotSame('', $problem(['layers' => 'alder'], 'layers'));
    }

    public function test_units_are_read_as_they_are_typed(): void
    {
        $s = SpecificationReader::read([
            'targetWeight' => '8 lb', 'neckAngle' => '1,5 deg', 'airTemperature' => '70 F', 'airHumidity' => '45 %',
            'saddleFront' => '−1/16"',
            'capacitors' => '0.022 µF 47n', 'pots' => '500 k, 250kΩ',
            'pickups' => [['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8200 ohm']],
        ])->orFail();
        self::assertEqualsWithDelta(3628.74, $s->brief->targetWeight, 0.01);
        self::assertEqualsWithDelta(1.5, $s->joinery->neckAngle, 1e-9);
        self::assertEqualsWithDelta(21.11, $s->brief->airTemperature, 0.01);
        self::assertEqualsWithDelta(-1.5875, $s->bridgework->saddleFront->mm, 1e-9);
        self::assertEqualsWithDelta(22.0, $s->electrics->capacitors[0], 1e-9);
        self::assertSame([47.0], [$s->electrics->capacitors[1]]);
        self::assertSame([500.0, 250.0], $s->electrics->pots);
        self::assertEqualsWithDelta(8.2, $s->electrics->pickups[0]->resistance, 1e-9);
    }

    public function test_pickups_without_a_place_find_one(): void
    {
        $s = SpecificationReader::read(
            [
                'frets' => '24',
                'joinFret' => '18',
                'pickups' => [
                    ['place' => 'neck', 'kind' => 'single-coil'], ['place' => 'middle', 'kind' => 'single-coil'],
                    ['place' => 'bridge', 'kind' => 'humbucker'],
                ],
            ],
        )->orFail();
        $places = array_map(static fn ($pickup): float => $pickup->positionMm(), $s->electrics->pickups);
        self::assertTrue($places[0] > $places[1] && $places[1] > $places[2]);
        self::assertLessThan($s->board->scale->mm - $s->board->boardLength->mm, $places[0] + 12, 'clear of the board');
    }
}

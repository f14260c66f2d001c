<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Units\InvalidQuantity;

/** What may be typed into the fields of a specification, and what is answered to the rest. */
final class FieldsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> field, typed, as it is read */
    public static function typed(): iterable
    {
        yield 'millimetres' => ['scale', '648', '648 mm'];
        yield 'a fraction' => ['scale', '25 1/2"', '647.7 mm'];
        yield 'decimal inches' => ['scale', '25.5 in', '647.7 mm'];
        yield 'feet and inches' => ['scale', '2\' 1 1/2"', '647.7 mm'];
        yield 'a decimal comma' => ['nutWidth', '42,8', '42.8 mm'];
        yield 'a vulgar fraction' => ['nutWidth', '1¾"', '44.45 mm'];
        yield 'a small fraction' => ['boardThickness', '15/64', '5.95 mm'];
        yield 'nothing of something' => ['boardBinding', '0', '0 mm'];
        yield 'less than nothing' => ['saddleFront', '-2.5', '-2.5 mm'];
        yield 'less than nothing in inches' => ['bridgeRecess', '−1/8"', '-3.18 mm'];
        yield 'a plus' => ['mountingOffset', '+8', '8 mm'];
        yield 'degrees' => ['headAngle', '12.5°', '12.5°'];
        yield 'degrees without a sign' => ['neckAngle', '1.5', '1.5°'];
        yield 'degrees downwards' => ['neckAngle', '-0.5 deg', '-0.5°'];
        yield 'kilograms' => ['targetWeight', '3.4', '3.4 kg'];
        yield 'pounds' => ['targetWeight', '7.5 lb', '3.4 kg'];
        yield 'grams for a tuner' => ['tunerMass', '38', '38 g'];
        yield 'ounces for a tuner' => ['tunerMass', '1.5 oz', '42.52 g'];
        yield 'per cent' => ['airHumidity', '45 %', '45 %'];
        yield 'per cent without a sign' => ['neckMoisture', '8.4', '8.4 %'];
        yield 'degrees Celsius' => ['airTemperature', '21 °C', '21 °C'];
        yield 'degrees Fahrenheit' => ['airTemperature', '68 F', '20 °C'];
        yield 'a whole number' => ['frets', '24', '24'];
        yield 'a choice' => ['joint', 'bolted_mortise', 'bolted mortise'];
        yield 'yes' => ['zeroFret', 'yes', 'yes'];
        yield 'no' => ['zeroFret', 'no', 'no'];
        yield 'a timber' => ['neckTimber', 'black cherry', 'black cherry'];
        yield 'gauges' => ['gauges', '9.5, 12 16 24w 34w 46w', '.009, .012, .016, .024 w, .034 w, .046 w'];
        yield 'a tuning' => ['tuning', 'd4 a3 f#3 D3 A2 d2', 'D4, A3, F#3, D3, A2, D2'];
        yield 'a flat note' => ['tuning', 'Eb4 bb3', 'Eb4, Bb3'];
        yield 'masses with a gap' => ['unitMasses', '- 0.7 5.2g/m', '-, 0.7, 5.2'];
        yield 'pots' => ['pots', '500 k 250k', '500 kΩ, 250 kΩ'];
        yield 'pots in megohms' => ['pots', '1M', '1 MΩ'];
        yield 'pots in ohms' => ['pots', '250000 Ω', '250 kΩ'];
        yield 'capacitors' => ['capacitors', '22n, 0.047 µF; 100 pF', '22 nF, 47 nF, 100 pF'];
        yield 'a capacitor without a unit is in microfarads' => ['capacitors', '0.022', '22 nF'];
        yield 'a switch' => ['switch', 'Neck, neck + Bridge, bridge', 'neck, neck + bridge, bridge'];
        yield 'posts' => ['posts', '42/9 67.5/-5', '42/9 67.5/-5'];
        yield 'depths' => ['depthCurve', '5/21.8', '5/21.8'];
        yield 'frets with markers' => ['markerFrets', '3, 5 7', '3, 5, 7'];
        yield 'money' => ['budget', '1,250.50', '1,250.50'];
        yield 'words' => ['colour', '  sea green ', 'sea green'];
    }

    #[DataProvider('typed')]
    public function test_it_is_read_as_makers_write_it(string $key, string $typed, string $words): void
    {
        $field = SpecificationFields::all()[$key];
        self::assertSame($words, FieldWords::of($field, FieldReader::read($field, $typed)));
    }

    /** @return iterable<string, array{string, string, string}> field, typed, what the answer says */
    public static function refused(): iterable
    {
        yield 'below zero' => ['nutWidth', '-43', 'below zero'];
        yield 'words for a length' => ['nutWidth', 'narrow', 'can\'t be read'];
        yield 'two lengths' => ['nutWidth', '43 44', 'can\'t be read'];
        yield 'a division by nothing' => ['nutWidth', '1/0"', 'divides by zero'];
        yield 'a scale in inches without saying so' => ['scale', '25.5', 'Did you mean 25.5 in?'];
        yield 'a scale that nobody plays' => ['scale', '2 m', 'from 400 mm to 1000 mm'];
        yield 'too steep' => ['headAngle', '40', 'from 0° to 25°'];
        yield 'an angle in words' => ['headAngle', 'steep', 'can\'t be read'];
        yield 'half a fret' => ['frets', '22.5', 'a whole number'];
        yield 'frets below zero' => ['frets', '-3', 'a whole number'];
        yield 'too many frets' => ['frets', '48', 'from 12 to 36'];
        yield 'a weight nobody carries' => ['targetWeight', '40 kg', 'outside what can be built'];
        yield 'a weight in stone' => ['targetWeight', '1 st', 'can\'t be read'];
        yield 'more than all the water' => ['airHumidity', '140 %', 'from 5 % to 95 %'];
        yield 'a furnace' => ['airTemperature', '900 C', 'from -5 °C to 45 °C'];
        yield 'a choice that there is not' => [
            'joint', 'glued', 'Choose one of: bolt-on, set, through, bolted_mortise',
        ];
        yield 'neither yes nor no' => ['zeroFret', 'perhaps', 'Choose one of: yes, no'];
        yield 'a timber that is not in the table' => ['boardTimber', 'plastic', 'not in the timber table'];
        yield 'a gauge in words' => ['gauges', '10 thirteen', 'treble first'];
        yield 'a core thicker than its string' => ['gauges', '46w/50', 'thinner than its string'];
        yield 'a note without its octave' => ['tuning', 'E B G', 'treble first'];
        yield 'a note that there is not' => ['tuning', 'H4', 'treble first'];
        yield 'a pot in farads' => ['pots', '500 F', 'can\'t be read'];
        yield 'a capacitor below zero' => ['capacitors', '-22 nF', 'below zero'];
        yield 'a switch of signs' => ['switch', 'neck / bridge', 'neck + bridge'];
        yield 'a post without its side' => ['posts', '42', 'distance from the nut'];
        yield 'a post out of the room' => ['posts', '4200/9', 'outside'];
        yield 'money in words' => ['budget', 'little', 'can\'t be read'];
        yield 'money below zero' => ['budget', '-5', 'below zero'];
        yield 'a novel' => ['wishes', str_repeat('x', 4001), '4001 characters are too many'];
        yield 'a list without end' => ['markerFrets', str_repeat('3 ', 60), 'larger than anything'];
    }

    #[DataProvider('refused')]
    public function test_the_rest_is_refused_with_what_would_be_right(string $key, string $typed, string $says): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage($says);
        FieldReader::read(SpecificationFields::all()[$key], $typed);
    }

    public function test_keys_and_labels_are_unique_and_lists_of_choices_come_from_one_place(): void
    {
        $fields = SpecificationFields::all();
        self::assertGreaterThan(110, count($fields));
        $labels = array_map(static fn (Field $field): string => $field->label, $fields);
        self::assertSame($labels, array_unique($labels), 'no two fields are called the same');
        foreach ($fields as $key => $field) {
            self::assertMatchesRegularExpression('/^[a-zA-Z]+$/', $key);
            self::assertSame($field->kind === FieldKind::Choice, $field->enum !== null, $key);
            foreach ($field->enum === null ? [] : $field->enum::cases() as $case) {
                self::assertInstanceOf(Option::class, $case);
                self::assertSame($case->words(), $field->options[(string) $case->value]);
            }
            if ($field->bounds !== null && $field->kind !== FieldKind::Rows) {
                self::assertLessThan($field->bounds[1], $field->bounds[0], $key);
            }
        }
    }

    public function test_what_the_trade_takes_lies_within_the_bounds_of_its_field(): void
    {
        foreach (['guitar', 'bass', 'flat-top'] as $type) {
            foreach (SpecificationFields::tradeDefaults($type) as $key => $typed) {
                self::assertNotNull(
                    FieldReader::read(SpecificationFields::all()[$key], $typed), "{$key} for a {$type}",
                );
            }
        }
    }
}

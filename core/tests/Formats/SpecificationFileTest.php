<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Formats\Json\ComputedFile;
use Regimen\Formats\Json\JsonText;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Units\UnreadableFile;

final class SpecificationFileTest extends TestCase
{
    private const CLIENT = [
        'type' => 'guitar', 'scale' => '25 1/2"', 'wishes' => "Light.\nQuiet “on” stage.",
        'layers' => [['timber' => 'white ash', 'thickness' => '1 3/4"']],
    ];

    public function test_what_is_written_is_read_again(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        $file = SpecificationFile::read(SpecificationFile::write(self::CLIENT, $house));
        self::assertSame(self::CLIENT, $file->client);
        self::assertEqualsCanonicalizing($house, $file->house);
        self::assertEqualsWithDelta(44.45, $file->read->orFail()->bodyThickness()->mm, 1e-9);
    }

    public function test_numbers_are_taken_as_they_stand(): void
    {
        $file = SpecificationFile::read(
            '{"format": "regimen-specification/1", "client": {"scale": 630, "frets": 24, "nutWidth": 42.5, "joinFret": '
                .'18}}',
        );
        self::assertSame(
            [630.0, 24, 42.5],
            [
                $file->read->orFail()->board->scale->mm, $file->read->orFail()->board->frets,
                $file->read->orFail()->board->nutWidth->mm,
            ],
        );
    }

    public function test_the_shipped_schema_is_the_one_that_follows_from_the_fields_and_takes_what_is_exported(): void
    {
        $shipped = (string) file_get_contents(dirname(__DIR__, 3).'/docs/specification.schema.json');
        $schema = json_encode(
            SpecificationFile::schema(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
        self::assertSame($schema, $shipped, 'docs/specification.schema.json has to be written again');
        $validator = new Validator;
        foreach (InstrumentType::cases() as $type) {
            $result = $validator->validate(
                json_decode(SpecificationFile::write(self::CLIENT, HouseDefaults::ofTrade($type))),
                $shipped,
            );
            self::assertTrue(
                $result->isValid(),
                $result->hasError() ? json_encode(
                    (new ErrorFormatter)->format($result->error()), JSON_THROW_ON_ERROR,
                ) : '',
            );
        }
        foreach ([
            '{"format": "regimen-specification/2"}', '{"format": "regimen-specification/1", "client": {"skale": 1}}',
            '{"format": "regimen-specification/1", "client": {"joint": "glued"}}',
        ] as $wrong) {
            self::assertFalse($validator->validate(json_decode($wrong), $shipped)->isValid(), $wrong);
        }
    }

    #[
        TestWith(
            [
                '{"format": "regimen-specification/1",\n "client": {\n "scale": "-3",\n "frets": 99 }}',
                "Line 3: scale: “-3” is below zero; from 400 mm to 1000 mm is right.\nLine 4: frets: “99” is outside",
            ],
        )
    ]
    #[
        TestWith(
            [
                '{"format": "regimen-specification/1",\n "client": {"x": 1, "scale": "wide"}}',
                'Line 2: “x” is no field of a specification; scale: “wide” can\'t be read',
            ],
        )
    ]
    #[
        TestWith(
            [
                '{"format": "regimen-specification/1", "client": {"layers": [\n{"timber": "balsa", "thickness": '
                    .'"5"}]}}',
                'Line 2: layers.0.timber: “balsa” is not in the timber table',
            ],
        )
    ]
    #[
        TestWith(
            ['{"format": "regimen-specification/1", "house": {\n\n"radius": "0"}}', 'Line 3: radius: “0” is outside'],
        )
    ]
    #[TestWith(['{"format": "regimen-specification/1", "hous": {}}', '“hous” is neither'])]
    #[TestWith(['{"format": "other"}', '"format": "regimen-specification/1"'])]
    #[TestWith(['[]', '"format"'])]
    #[
        TestWith(
            [
                '{"format": "regimen-specification/1",\n "client": {"scale" 630}}',
                'Line 2 can\'t be read: column 21: “:” is expected',
            ],
        )
    ]
    #[TestWith(['{"a": 1}x', 'something follows the end'])]
    #[TestWith(['{"a": 01}', 'a value is expected'])]
    #[TestWith(['{"a": "\\ud800"}', 'does not exist'])]
    #[TestWith(["{\"a\": \"\xff\"}", 'UTF-8'])]
    #[TestWith(['{"a": 1, "a": 2}', 'second time'])]
    public function test_every_line_that_is_refused_is_named(string $text, string $says): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($says);
        SpecificationFile::read(strtr($text, ['\n' => "\n"]));
    }

    public function test_depth_and_size_are_limited(): void
    {
        foreach ([str_repeat('[', 40), str_repeat(' ', SpecificationFile::LARGEST_BYTES + 1)] as $text) {
            try {
                SpecificationFile::read($text);
                self::fail('taken');
            } catch (UnreadableFile $refused) {
                self::assertMatchesRegularExpression('/nested|larger/', $refused->getMessage());
            }
        }
    }

    public function test_json_is_read_as_the_language_reads_it(): void
    {
        $text = '{"a": [1, -2.5e3, true, null, "x\\u00e9\\n\\"", {}], "b": {"c": []}}';
        [$value, $lines] = JsonText::read($text);
        self::assertSame(json_decode($text, true), $value);
        self::assertSame(1, $lines['a.4']);
    }

    public function test_everything_computed_is_printed_with_its_formula_and_its_unit(): void
    {
        $computed = json_decode(
            ComputedFile::write(
                Workings::from(
                    SpecificationFile::read(SpecificationFile::write(self::CLIENT + ['capacitors' => '22'], []))->read,
                ),
            ),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        $figures = array_column($computed['figures'], null, 'key');
        self::assertSame(['G1', 'mm'], [$figures['lastFret']['number'], $figures['lastFret']['unit']]);
        self::assertEqualsWithDelta(18.3443 * 25.4, $figures['lastFret']['value'], 0.002);
        self::assertCount(22, preg_grep('/^fret\.\d+$/', array_keys($figures)) ?: []);
        foreach ([
            'G1', 'G2', 'G3', 'G5', 'G6', 'G7', 'G8', 'G9', 'G10', 'G11', 'G12', 'G13', 'G14', 'G15', 'G16', 'G17',
            'G18', 'G19', 'G20', 'S1', 'S2', 'S3', 'T1', 'T2', 'T3', 'T6', 'E1', 'E2', 'E3', 'E4',
        ] as $number) {
            self::assertContains($number, array_column($computed['figures'], 'number'));
        }
        self::assertContains('capacitor-unit', array_column($computed['findings'], 'key'));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Specification;
use Regimen\Instrument\SpecificationCheck;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;

final class SpecificationCheckTest extends TestCase
{
    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_usual_instruments_have_no_problems(Specification $specification): void
    {
        self::assertSame([], SpecificationCheck::problems($specification));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'more strings than there are' => [['strings' => 13], 'strings', 'from 4 to 12'];
        yield 'a set that nobody knows' => [
            ['strings' => 11, 'nutWidth' => ''], 'tuning', 'No usual set for 11 strings',
        ];
        yield 'five gauges for six strings' => [['gauges' => '10 13 17 26w 36w'], 'gauges', '5 entries'];
        yield 'a bass of guitar length' => [['type' => InstrumentType::Bass, 'strings' => 4], 'scale', 'no bass scale'];
        yield 'an inch scale typed as millimetres' => [['scale' => '25.5'], 'scale', 'Did you mean 25.5 in'];
        yield 'no scale' => [['scale' => Length::ofMillimetres(0)], 'scale', 'from 400 mm'];
        yield 'frets beyond the board' => [
            ['frets' => 24, 'boardLength' => Length::ofMillimetres(470)], 'boardLength', 'ends after fret 22',
        ];
        yield 'a board over the bridge' => [
            ['boardLength' => Length::ofMillimetres(700)], 'boardLength', 'reach the bridge',
        ];
        yield 'no frets' => [['frets' => 0], 'frets', 'from 12 to 36'];
        yield 'a nut too wide' => [['nutWidth' => Length::ofMillimetres(99)], 'nutWidth', 'between'];
        yield 'a thin body' => [['layers' => [Specifications::layer('red alder', 10)]], 'layers', 'add up to 10.0 mm'];
        yield 'no layer at all' => [['layers' => []], 'layers', 'one to six layers'];
        yield 'a layer of nothing' => [
            ['layers' => [Specifications::layer('red alder', 45), Specifications::layer('red alder', 0)]],
            'layers.1.thickness',
            'from 0.5 mm',
        ];
        yield 'open chambers' => [['body' => BodyConstruction::Chambered], 'body', 'closed'];
        yield 'nine pickups' => [['pickups' => 9], 'pickups', '0 to 5'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_built_is_named_at_its_field(array $change, string $field, string $says): void
    {
        $problems = Specifications::read($change)->problems;
        self::assertArrayHasKey($field, $problems);
        self::assertStringContainsString($says, $problems[$field]);
    }

    public function test_it_is_told_in_one_line(): void
    {
        self::assertSame(
            'left-handed six-string, solid, red alder', Specifications::sixString(['hand' => Hand::Left])->inOneLine(),
        );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;
use Regimen\Units\Length;

final class SpecificationTest extends TestCase
{
    public function test_the_board_reaches_eight_millimetres_beyond_its_last_fret_unless_said_otherwise(): void
    {
        $plain = Specifications::sixString();
        self::assertEqualsWithDelta($plain->frets()->last()->mm + 8, $plain->board->boardLength->mm, 1e-9);
        self::assertSame(
            480.0,
            Specifications::sixString(['boardLength' => Length::ofMillimetres(480)])->board->boardLength->mm,
        );
    }

    public function test_layers_add_up(): void
    {
        // CALCULATIONS G17: 1 1/4 + 1/8 + 3/8 = 1 3/4 in.
        $layers = array_map(
            static fn (string $typed) => Specifications::layer('red alder', Length::parse($typed)->mm),
            ['1 1/4"', '1/8"', '3/8"'],
        );
        self::assertEqualsWithDelta(
            Length::parse('1 3/4"')->mm, Specifications::sixString(['layers' => $layers])->bodyThickness()->mm, 1e-9,
        );
        self::assertTrue(Specifications::sixString(['layers' => $layers])->isLayered());
        self::assertFalse(Specifications::sixString()->isLayered());
    }

    #[TestWith([FinishSystem::Nitrocellulose, 'sugar maple', true])]
    #[TestWith([FinishSystem::Nitrocellulose, 'Indian rosewood', false])]
    #[TestWith([FinishSystem::Nitrocellulose, 'African ebony', false])]
    #[TestWith([FinishSystem::WipingOil, 'sugar maple', false])]
    public function test_which_boards_are_lacquered(FinishSystem $finish, string $board, bool $lacquered): void
    {
        self::assertSame(
            $lacquered,
            Specifications::sixString(
                ['finish' => $finish, 'boardTimber' => Species::named($board)],
            )->boardIsLacquered(),
        );
    }

    public function test_which_tops_are_filled(): void
    {
        $of = static fn (string $timber, FinishSystem $finish): bool => Specifications::sixString(
            [
                'finish' => $finish,
                'layers' => [Specifications::layer($timber, 6), Specifications::layer('red alder', 39)],
            ],
        )->needsGrainFill();
        self::assertTrue($of('black walnut', FinishSystem::Nitrocellulose));
        self::assertFalse($of('sugar maple', FinishSystem::Nitrocellulose));
        self::assertFalse($of('black walnut', FinishSystem::WipingOil));
    }

    public function test_colour_is_what_is_written_and_space_is_none(): void
    {
        self::assertTrue(Specifications::sixString(['colour' => 'sea green'])->isColoured());
        self::assertFalse(Specifications::sixString(['colour' => '  '])->isColoured());
    }

    public function test_it_is_told_in_a_line_for_every_number_of_strings(): void
    {
        foreach ([6 => 'six', 7 => 'seven', 8 => 'eight', 12 => 'twelve'] as $strings => $word) {
            self::assertStringStartsWith(
                "{$word}-string, solid",
                Specifications::sixString(['strings' => $strings, 'nutWidth' => ''])->inOneLine(),
            );
        }
        $bass = Specifications::sixString(
            [
                'type' => InstrumentType::Bass, 'strings' => 5, 'scale' => '34"', 'nutWidth' => '',
                'hand' => Hand::Left,
                'layers' => [Specifications::layer('white ash', 20), Specifications::layer('white ash', 20)],
            ],
        );
        self::assertSame('left-handed five-string bass, solid, white ash', $bass->inOneLine());
    }

    public function test_usual_nuts_and_scales_are_within_bounds(): void
    {
        // Common practice: nut widths by strings, scales by type.
        foreach ([
            [InstrumentType::Guitar, 6, 41.0], [InstrumentType::Guitar, 6, 48.0], [InstrumentType::Guitar, 7, 48.0],
            [InstrumentType::Guitar, 12, 48.0], [InstrumentType::Bass, 4, 38.0], [InstrumentType::Bass, 4, 42.0],
            [InstrumentType::Bass, 5, 45.0], [InstrumentType::Bass, 6, 54.0],
        ] as [$type, $strings, $nut]) {
            [$narrow, $wide] = $type->nutRange($strings);
            self::assertGreaterThanOrEqual($narrow, $nut, "{$strings} strings at {$nut}");
            self::assertLessThanOrEqual($wide, $nut, "{$strings} strings at {$nut}");
        }
        foreach ([
            [InstrumentType::Guitar, 24.75], [InstrumentType::Guitar, 25.5], [InstrumentType::Guitar, 27.0],
            [InstrumentType::Guitar, 30.0], [InstrumentType::Bass, 30.0], [InstrumentType::Bass, 34.0],
            [InstrumentType::Bass, 35.0],
        ] as [$type, $scale]) {
            self::assertGreaterThanOrEqual($type->scaleRange()[0], $scale * 25.4);
            self::assertLessThanOrEqual($type->scaleRange()[1], $scale * 25.4);
        }
    }

    public function test_every_timber_has_a_colour_to_be_drawn_in(): void
    {
        foreach (Species::names() as $name) {
            self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', Species::named($name)->colour);
        }
    }
}

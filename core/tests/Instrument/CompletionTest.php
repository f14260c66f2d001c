<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\StringFigures;
use Regimen\Figures\Workings;
use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Instrument\Specification;

/** What is worked out where neither client nor house says anything. Proportions are common practice. */
final class CompletionTest extends TestCase
{
    /** @param  array<string, mixed>  $typed */
    private static function of(array $typed): Specification
    {
        return SpecificationReader::read($typed)->orFail();
    }

    /** @return iterable<string, array{array<string, mixed>, float}> typed, nut in mm */
    public static function nuts(): iterable
    {
        yield 'six strings' => [['strings' => '6'], 43.0];
        yield 'seven strings' => [['strings' => '7'], 49.25];
        yield 'eight strings' => [['strings' => '8'], 55.5];
        yield 'twelve strings in six courses' => [['strings' => '12'], 47.0];
        yield 'a flat-top' => [['type' => 'flat-top'], 44.0];
        yield 'a bass with four' => [['type' => 'bass', 'strings' => '4'], 38.0];
        yield 'a bass with five' => [['type' => 'bass', 'strings' => '5'], 45.5];
        yield 'a bass with six' => [['type' => 'bass', 'strings' => '6'], 53.0];
        yield 'a bass with eight in four courses' => [['type' => 'bass', 'strings' => '8'], 42.0];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('nuts')]
    public function test_a_nut_for_so_many_strings(array $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, self::of($typed)->board->nutWidth->mm, 1e-9);
    }

    public function test_the_board_widens_so_that_the_outer_strings_keep_their_margin(): void
    {
        foreach ([
            ['strings' => '6'], ['strings' => '7'], ['strings' => '8'], ['type' => 'bass'],
            ['type' => 'bass', 'strings' => '6'], ['type' => 'flat-top'], ['frets' => '24', 'joinFret' => '18'],
        ] as $typed) {
            $w = Workings::from(SpecificationReader::read($typed));
            $edges = array_map(
                static fn (int $string): float => StringFigures::edgeDistance($w, $string, $w->lastFret())->value,
                [0, $w->specification->brief->strings - 1],
            );
            self::assertEqualsWithDelta(
                3.6,
                min($edges),
                0.051,
                json_encode($typed, JSON_THROW_ON_ERROR).': the nearer of the two outer edges',
            );
            self::assertGreaterThan($w->specification->board->nutWidth->mm, $w->specification->board->lastWidth->mm);
        }
    }

    public function test_what_follows_from_something_follows_it_when_it_changes(): void
    {
        $plain = self::of([]);
        $long = self::of(['scale' => '700', 'overhang' => '12']);
        self::assertEqualsWithDelta(700 * (1 - 2 ** (-22 / 12)) + 12, $long->board->boardLength->mm, 1e-9);
        // Half a millimetre under the tang at the edge, where a 12 in radius takes 1.29 from 56 mm.
        self::assertEqualsWithDelta(1.8 + 0.5 + 1.289, self::of(['lastWidth' => '56'])->board->slotDepth->mm, 0.006);
        self::assertEqualsWithDelta(
            1.6 + 0.5 + 1.289,
            self::of(['tangDepth' => '1.6', 'lastWidth' => '56'])->board->slotDepth->mm,
            0.006,
        );
        self::assertSame(2.0, self::of(['markerThickness' => '2'])->board->markerDepth->mm);
        self::assertSame(self::of(['radius' => '300'])->board->radiusEnd->mm, 300.0);
        self::assertSame(61.5, self::of(['heelWidth' => '61.5'])->joinery->pocketWidth->mm);
        self::assertSame(
            60.0,
            self::of(['heelWidth' => '61.5', 'pocketWidth' => '60'])->joinery->pocketWidth->mm,
            'what is said stays as it is said',
        );
    }

    public function test_the_pocket_ends_before_the_board(): void
    {
        foreach ([
            [], ['frets' => '24', 'joinFret' => '18'], ['type' => 'bass'],
            ['type' => 'bass', 'scale' => '30"', 'frets' => '20'], ['scale' => '24 3/4"', 'frets' => '21'],
        ] as $typed) {
            $s = self::of($typed);
            $begins = $s->frets()->position($s->joinery->joinFret)->mm;
            self::assertLessThan($s->board->boardLength->mm, $begins + $s->joinery->pocketLength->mm);
            self::assertGreaterThanOrEqual(45.0, $s->joinery->pocketLength->mm);
        }
    }

    #[TestWith(['in_line', 6, 5])]
    #[TestWith(['both_sides', 6, 2])]
    #[TestWith(['both_sides', 7, 3])]
    #[TestWith(['in_line', 8, 7])]
    public function test_a_headstock_is_as_long_as_its_row_of_tuners(string $layout, int $strings, int $steps): void
    {
        $s = self::of(
            [
                'tunerLayout' => $layout, 'strings' => (string) $strings, 'firstPost' => '40', 'tunerSpacing' => '26',
                'tunerHole' => '10',
            ],
        );
        self::assertEqualsWithDelta(40 + $steps * 26 + 38, $s->head->headLength->mm, 1e-9);
    }

    /** @return iterable<string, array{list<array<string, string>>, list<string>}> pickups, positions of the switch */
    public static function switches(): iterable
    {
        $pickup = static fn (string $place): array => ['place' => $place, 'kind' => 'single-coil'];
        yield 'none' => [[], []];
        yield 'one' => [[$pickup('bridge')], ['bridge']];
        yield 'two' => [[$pickup('neck'), $pickup('bridge')], ['neck', 'neck + bridge', 'bridge']];
        yield 'three' => [
            [$pickup('neck'), $pickup('middle'), $pickup('bridge')],
            ['neck', 'neck + middle', 'middle', 'middle + bridge', 'bridge'],
        ];
    }

    /**
     * @param  list<array<string, string>>  $pickups
     * @param  list<string>  $positions
     */
    #[DataProvider('switches')]
    public function test_a_switch_goes_through_the_pickups(array $pickups, array $positions): void
    {
        self::assertSame(
            $positions,
            array_map(
                static fn (SwitchPosition $position): string => $position->inWords(),
                self::of(['pickups' => $pickups])->electrics->switch,
            ),
        );
    }

    #[TestWith(['single-coil', [250.0, 250.0]])]
    #[TestWith(['single-coil_soapbar', [250.0, 250.0]])]
    #[TestWith(['humbucker', [500.0, 500.0]])]
    #[TestWith(['piezo', []])]
    public function test_pots_suit_what_they_load(string $kind, array $pots): void
    {
        self::assertSame(
            $pots,
            self::of(['pickups' => [['place' => 'bridge', 'kind' => $kind]], 'battery' => 'yes'])->electrics->pots,
        );
    }

    public function test_a_mixed_set_takes_the_higher_pots(): void
    {
        self::assertSame(
            [500.0, 500.0],
            self::of(
                [
                    'pickups' => [
                        ['place' => 'neck', 'kind' => 'single-coil'], ['place' => 'bridge', 'kind' => 'humbucker'],
                    ],
                ],
            )->electrics->pots,
        );
    }

    public function test_pickups_stand_clear_of_board_bridge_and_each_other_whatever_the_scale(): void
    {
        foreach (['22 1/2"', '25 1/2"', '28"'] as $scale) {
            foreach ([1, 2, 3] as $count) {
                $names = array_slice(['bridge', 'neck', 'middle'], 0, $count);
                $w = Workings::from(
                    SpecificationReader::read(
                        [
                            'scale' => $scale,
                            'pickups' => array_map(
                                static fn (string $name): array => ['place' => $name, 'kind' => 'single-coil'],
                                $names,
                            ),
                        ],
                    ),
                );
                $middles = array_map(
                    static fn ($pickup): float => $w->specification->board->scale->mm - $pickup->positionMm(),
                    $w->specification->electrics->pickups,
                );
                self::assertGreaterThanOrEqual($count === 1 ? 0 : $w->board()->length + 12, min($middles));
                self::assertLessThan($w->specification->board->scale->mm - 20, max($middles));
                sort($middles);
                for ($index = 1; $index < $count; $index++) {
                    self::assertGreaterThan(25, $middles[$index] - $middles[$index - 1]);
                }
            }
        }
    }

    public function test_questions_that_the_route_asks(): void
    {
        $chambered = [
            'layers' => [['timber' => 'limba', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
        ];
        self::assertSame([false, false], [self::of([])->isHollow(), self::of([])->isRelieved()]);
        self::assertSame(
            [true, true],
            [
                self::of(['body' => 'semi-hollow'] + $chambered)->isHollow(),
                self::of(['body' => 'chambered'] + $chambered)->isRelieved(),
            ],
        );
        self::assertSame(
            [false, true],
            [self::of(['weightRelief' => 'yes'])->isHollow(), self::of(['weightRelief' => 'yes'])->isRelieved()],
        );
        self::assertTrue(self::of(['strings' => '12'])->isDoubled());
        self::assertFalse(self::of(['strings' => '8'])->isDoubled());
        self::assertTrue(self::of(['finish' => 'shellac', 'boardTimber' => 'sugar maple'])->boardIsLacquered());
        self::assertFalse(
            self::of(
                ['finish' => 'shellac', 'boardTimber' => 'sugar maple', 'boardFinish' => 'oiled'],
            )->boardIsLacquered(),
        );
        self::assertFalse(
            self::of(
                ['finish' => 'hard-wax-oil', 'boardTimber' => 'sugar maple', 'boardFinish' => 'by_timber'],
            )->boardIsLacquered(),
        );
        self::assertTrue(
            self::of(
                ['grainFill' => 'filled', 'layers' => [['timber' => 'white ash', 'thickness' => '45']]],
            )->needsGrainFill(),
            'asked for under oil as well',
        );
        self::assertSame(
            ['set', 'through'],
            array_values(
                array_filter(
                    ['bolt-on', 'set', 'through', 'bolted_mortise'],
                    static fn (string $joint): bool => self::of(['joint' => $joint])->joinery->joint->isGlued(),
                ),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Shape\BodyShape;
use Regimen\Instrument\Shape\InstrumentMass;
use Regimen\Instrument\Shape\MassPart;
use Regimen\Instrument\Shape\TakenOff;
use Regimen\Tests\Specifications;

/**
 * CALCULATIONS T6 by hand: volume × density, less what is cut away, and hardware as stated; gravities of the reference
 * table at 12 %.
 */
final class InstrumentMassTest extends TestCase
{
    private const PLAIN = [
        'edges' => 'square', 'contours' => 'none', 'tunerMass' => '40 g', 'bridgeMass' => '250 g',
        'otherMass' => '100 g', 'pickupMass' => '110 g',
    ];

    /** @param  array<string, mixed>  $typed */
    private static function mass(array $typed = []): InstrumentMass
    {
        return InstrumentMass::from(Specifications::sixString($typed + self::PLAIN), 12.0);
    }

    private static function part(InstrumentMass $mass, string $name): MassPart
    {
        $named = array_filter($mass->parts, static fn (MassPart $part): bool => $part->name === $name);
        foreach ([...$named, ...$mass->parts] as $part) {
            if (str_starts_with($part->name, $name)) {
                return $part;
            }
        }
        self::fail("there is no {$name}");
    }

    public function test_the_whole_is_its_parts_and_the_centre_their_mean(): void
    {
        $mass = self::mass();
        $sum = array_sum(array_map(static fn (MassPart $part): float => $part->grams, $mass->parts));
        $moment = array_sum(array_map(static fn (MassPart $part): float => $part->grams * $part->x, $mass->parts));
        self::assertEqualsWithDelta($sum, $mass->total(), 1e-9);
        self::assertEqualsWithDelta($moment / $sum, $mass->centre(), 1e-9);
        self::assertGreaterThan(2800, $sum);
        self::assertLessThan(3900, $sum, 'a usual weight: 3.0 to 3.9 kg');
    }

    public function test_hardware_is_as_heavy_as_it_is_said_to_be_and_hangs_where_it_is(): void
    {
        $mass = self::mass();
        self::assertSame(250.0, self::part($mass, 'bridge')->grams);
        self::assertEqualsWithDelta(647.7, self::part($mass, 'bridge')->x, 1e-9);
        $tuners = array_filter($mass->parts, static fn (MassPart $part): bool => $part->name === 'tuner');
        self::assertCount(6, $tuners);
        self::assertSame(240.0, array_sum(array_map(static fn (MassPart $part): float => $part->grams, $tuners)));
        self::assertLessThan(0, max(array_map(static fn (MassPart $part): float => $part->x, $tuners)));
        $pickups = array_values(
            array_filter($mass->parts, static fn (MassPart $part): bool => str_ends_with($part->name, ' pickup')),
        );
        self::assertSame([110.0, 110.0], array_map(static fn (MassPart $part): float => $part->grams, $pickups));
    }

    #[TestWith(['red alder', 0.41])]
    #[TestWith(['white ash', 0.60])]
    #[TestWith(['western redcedar', 0.32])]
    public function test_a_body_weighs_its_volume_times_its_density(string $timber, float $gravity): void
    {
        $typed = ['edges' => 'round', 'edgeRadius' => '3', 'layers' => [['timber' => $timber, 'thickness' => '40']]];
        $outline = BodyShape::from(Specifications::sixString($typed))->outline;
        $edges = 2 * $outline->perimeter() * (1 - M_PI / 4) * 3 ** 2;
        self::assertEqualsWithDelta(
            ($outline->area() * 40 - $edges) * $gravity * 1.12 / 1000, self::part(self::mass($typed), $timber)->grams,
            0.01,
        );
    }

    public function test_what_is_cut_away_weighs_less_than_nothing(): void
    {
        $mass = self::mass(
            [
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '30', 'length' => '100', 'width' => '40', 'behind' => '10',
                        'across' => '-85',
                    ],
                ],
                'pocketDepth' => '16',
                'pocketLength' => '76',
                'pocketWidth' => '56',
            ],
        );
        self::assertEqualsWithDelta(
            -100 * 40 * 30 * 0.41 * 1.12 / 1000, self::part($mass, 'control cavity')->grams, 1e-6,
        );
        self::assertEqualsWithDelta(657.7, self::part($mass, 'control cavity')->x, 1e-9);
        self::assertEqualsWithDelta(-76 * 56 * 16 * 0.41 * 1.12 / 1000, self::part($mass, 'neck pocket')->grams, 1e-6);
    }

    public function test_chambers_take_their_share_of_the_core(): void
    {
        $layers = [
            'body' => 'chambered',
            'layers' => [
                ['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'red alder', 'thickness' => '39'],
            ],
        ];
        $mass = self::mass($layers + ['chamberShare' => '25 %', 'chamberDepth' => '30']);
        $area = BodyShape::from(Specifications::sixString($layers))->outline->area();
        self::assertEqualsWithDelta(
            -0.25 * $area * 30 * 0.41 * 1.12 / 1000, self::part($mass, 'chambers')->grams, 0.01,
        );
        self::assertLessThan(self::mass(['body' => 'solid'] + $layers)->total() - 300, $mass->total());
    }

    /**
     * CALCULATIONS T6: a round of radius r takes (1 − π/4) r² for each length of edge, a bevel half a square; both
     * faces have an edge.
     */
    #[TestWith(['round', '6', 1 - M_PI / 4])]
    #[TestWith(['bevel', '6', 0.5])]
    #[TestWith(['square', '6', 0.0])]
    #[TestWith(['round', '0', 0.0])]
    public function test_edges_take_what_their_section_says(string $edges, string $radius, float $share): void
    {
        $s = Specifications::sixString(['edges' => $edges, 'edgeRadius' => $radius, 'contours' => 'none']);
        $outline = BodyShape::from($s)->outline;
        self::assertEqualsWithDelta(2 * $outline->perimeter() * $share * 36, TakenOff::from($s, $outline)->total(), 1e-6);
    }

    public function test_what_an_edge_takes_belongs_to_the_layers_it_runs_through(): void
    {
        $s = Specifications::sixString(
            [
                'edges' => 'round',
                'edgeRadius' => '9',
                'contours' => 'none',
                'layers' => [
                    ['timber' => 'black walnut', 'thickness' => '4'], ['timber' => 'red alder', 'thickness' => '41'],
                ],
            ],
        );
        $outline = BodyShape::from($s)->outline;
        $taken = TakenOff::from($s, $outline);
        // The quarter circle cut into a thousand slices by hand.
        $slices = array_sum(
            array_map(
                static fn (int $slice): float => (9 - sqrt(81 - (9 - ($slice + 0.5) * 0.004) ** 2)) * 0.004,
                range(0, 999),
            ),
        );
        self::assertEqualsWithDelta($outline->perimeter() * $slices, $taken->between(0, 4), 1.0);
        self::assertEqualsWithDelta($taken->total(), $taken->between(0, 4) + $taken->between(4, 45), 1e-6);
    }

    public function test_a_contour_is_a_wedge_on_its_own_face(): void
    {
        $taken = static function (string $contours): TakenOff {
            $s = Specifications::sixString(['edges' => 'square', 'contours' => $contours]);

            return TakenOff::from($s, BodyShape::from($s)->outline);
        };
        self::assertSame(0.0, $taken('none')->total());
        $around = BodyShape::from(Specifications::sixString())->outline->perimeter();
        // Depth × reach / 2, two thirds of that along a share of the outline: house conventions.
        self::assertEqualsWithDelta($around * 0.14 * 2 / 3 * 12 * 55 / 2, $taken('forearm')->total(), 1e-6);
        self::assertEqualsWithDelta($around * 0.12 * 2 / 3 * 16 * 65 / 2, $taken('belly')->total(), 1e-6);
        self::assertEqualsWithDelta(
            $taken('forearm')->total() + $taken('belly')->total(), $taken('forearm_and_belly')->total(), 1e-6,
        );
        self::assertSame(
            [0.0, $taken('forearm')->total()],
            [round($taken('forearm')->between(12, 45), 6), $taken('forearm')->between(0, 12)],
            'the forearm lies in the top',
        );
        self::assertEqualsWithDelta(
            [0.0, $taken('belly')->total()], [$taken('belly')->between(0, 29), $taken('belly')->between(29, 45)], 1e-6,
            'the belly in the back',
        );
    }

    public function test_a_board_of_even_width_and_great_radius_is_a_slab(): void
    {
        $typed = [
            'nutWidth' => '50', 'lastWidth' => '50', 'radius' => '2000', 'boardTimber' => 'sugar maple',
            'boardThickness' => '6',
        ];
        $length = Specifications::sixString($typed)->board->boardLength->mm;
        self::assertEqualsWithDelta(
            $length * 50 * 5.95 * 0.63 * 1.12 / 1000, self::part(self::mass($typed), 'fretboard')->grams,
            0.02 * $length * 50 * 6 * 0.7 / 1000,
        );
        self::assertEqualsWithDelta($length / 2, self::part(self::mass($typed), 'fretboard')->x, 1e-9);
    }

    public function test_a_flat_top_is_a_box_and_not_a_block(): void
    {
        $mass = InstrumentMass::from(
            Specifications::sixString(
                [
                    'type' => 'flat-top',
                    'body' => 'flat-top',
                    'pickups' => [],
                    'cavities' => [],
                    'layers' => [
                        ['timber' => 'Sitka spruce', 'thickness' => '2.8'],
                        ['timber' => 'Indian rosewood', 'thickness' => '98'],
                    ],
                ],
            ),
            9.0,
        );
        self::assertGreaterThan(1300, $mass->total());
        self::assertLessThan(2600, $mass->total(), 'flat-tops weigh about two kilograms');
        self::assertGreaterThan(self::part($mass, 'top')->grams, self::part($mass, 'back')->grams + self::part($mass, 'sides')->grams);
    }

    public function test_damp_timber_is_heavier(): void
    {
        $s = Specifications::sixString();
        self::assertGreaterThan(InstrumentMass::from($s, 6.0)->total(), InstrumentMass::from($s, 12.0)->total());
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Strings;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Pull;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Reading\StringSets;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Strings\StringMass;
use Regimen\Tests\Specifications;
use Regimen\Units\InvalidQuantity;

/** Source: CALCULATIONS S1 to S3; ISO 16 for the concert pitch. */
final class StringsTest extends TestCase
{
    #[TestWith(['A4', 440.0])]
    #[TestWith(['E4', 329.63])]
    #[TestWith(['e2', 82.41])]
    #[TestWith(['F#1', 46.25])]
    #[TestWith(['Bb0', 29.14])]
    #[TestWith(['C3', 130.81])]
    public function test_pitches(string $name, float $hertz): void
    {
        self::assertEqualsWithDelta($hertz, Note::parse($name)->frequency(), 0.005);
    }

    public function test_the_pull_of_a_plain_string_on_three_scales(): void
    {
        $mass = StringMass::of(Gauge::parse('10'));
        $on = static fn (float $inches): float => Pull::tension($mass, $inches * 0.0254, 329.63);
        self::assertEqualsWithDelta(72.5, $on(25.5), 0.05);
        self::assertEqualsWithDelta(16.3, $on(25.5) / Pull::POUND_FORCE, 0.05);
        self::assertEqualsWithDelta((24.75 / 25.5) ** 2, $on(24.75) / $on(25.5), 1e-9);
        // The physics itself: T = μ (2 L f)², with the mass of a steel wire of 0.254 mm at 7850 kg/m³.
        self::assertEqualsWithDelta(7850 * M_PI * 0.000254 ** 2 / 4 * (2 * 0.7 * 329.63) ** 2, $on(0.7 / 0.0254), 1e-9);
    }

    public function test_a_wound_string_is_near_what_makers_publish_and_a_stated_mass_is_taken_instead(): void
    {
        // A nickel-wound 0.046 in weighs about 7.4 g/m (memory of makers' tables); the estimate is good to some per
        // cent.
        self::assertEqualsWithDelta(7.4, StringMass::of(Gauge::parse('46w')) * 1000, 0.06 * 7.4);
        self::assertGreaterThan(
            StringMass::of(Gauge::parse('46w')), StringMass::of(Gauge::parse('46')), 'solid is heavier than wound',
        );
        $stated = Pull::from(Specifications::sixString(['unitMasses' => '- - - - - 7.5']));
        self::assertEqualsWithDelta(
            0.0075 * (2 * 0.6477 * Note::parse('E2')->frequency()) ** 2, $stated->each[5], 1e-9,
        );
        self::assertTrue($stated->estimated, 'the other wound ones still are');
    }

    #[TestWith(['0.010', 0.254, false])]
    #[TestWith(['.010', 0.254, false])]
    #[TestWith(['9.5', 0.2413, false])]
    #[TestWith(['46w/18', 1.1684, true])]
    #[TestWith(['1.17mmw', 1.17, true])]
    public function test_gauges_as_they_are_written(string $typed, float $mm, bool $wound): void
    {
        $gauge = Gauge::parse($typed);
        self::assertEqualsWithDelta($mm, $gauge->diameter->mm, 1e-9);
        self::assertSame($wound, $gauge->wound);
    }

    #[TestWith(['heavy'])]
    #[TestWith(['0'])]
    #[TestWith(['900'])]
    #[TestWith(['10w/12'])]
    #[TestWith(['10/4'])]
    public function test_what_is_no_gauge_is_refused(string $typed): void
    {
        $this->expectException(InvalidQuantity::class);
        Gauge::parse($typed);
    }

    public function test_a_pull_is_an_estimate_only_where_a_wound_string_has_no_stated_mass(): void
    {
        $estimated = static fn (string $masses): bool => Pull::from(
            Specifications::sixString(
                [
                    'nutWidth' => '36', 'tuning' => 'E4 B3 G3 D3', 'strings' => '4', 'gauges' => '.010 .013 .017 .026w',
                    'unitMasses' => $masses,
                ],
            ),
        )->estimated;
        self::assertSame([true, true, false], [$estimated(''), $estimated('0.4 0.67 - -'), $estimated('- - - 2.6')]);
        self::assertFalse(
            Pull::from(
                Specifications::sixString(
                    [
                        'nutWidth' => '36', 'tuning' => 'E4 B3 G3 D3', 'strings' => '4',
                        'gauges' => '.010 .013 .017 .024', 'unitMasses' => '',
                    ],
                ),
            )->estimated,
            'of plain steel all is known',
        );
    }

    public function test_usual_sets_have_a_note_and_a_gauge_for_each_string(): void
    {
        foreach ([
            [InstrumentType::Guitar, [4, 5, 6, 7, 8, 9, 10, 12]], [InstrumentType::FlatTop, [6, 12]],
            [InstrumentType::Bass, [4, 5, 6, 8, 10, 12]],
        ] as [$type, $counts]) {
            foreach ($counts as $count) {
                self::assertCount($count, StringSets::tuning($type, $count), "{$type->value} {$count}");
                self::assertCount($count, StringSets::gauges($type, $count), "{$type->value} {$count}");
            }
        }
        self::assertSame(
            ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'],
            array_map(static fn (Note $note): string => $note->name, StringSets::tuning(InstrumentType::Guitar, 6)),
        );
        self::assertSame(
            ['G2', 'D2', 'A1', 'E1', 'B0'],
            array_map(static fn (Note $note): string => $note->name, StringSets::tuning(InstrumentType::Bass, 5)),
        );
        self::assertSame([], StringSets::tuning(InstrumentType::Guitar, 11));
    }
}

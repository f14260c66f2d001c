<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Geometry\FretTable;
use Regimen\Inspection\SetUp\Adjustment;
use Regimen\Inspection\SetUp\CentreLine;
use Regimen\Inspection\SetUp\FretHeights;
use Regimen\Inspection\SetUp\Intonation;
use Regimen\Inspection\SetUp\SetUpAdvice;
use Regimen\Inspection\SetUp\SetUpStep;
use Regimen\Inspection\SetUp\StringHeight;
use Regimen\Inspection\SetUp\StringTargets;
use Regimen\Inspection\Tolerances;
use Regimen\Units\Length;

/** B2 to B6. */
final class SetUpTest extends TestCase
{
    public function test_half_of_what_two_sides_differ_by_is_how_far_the_middle_is_off(): void
    {
        self::assertEqualsWithDelta(0.2, CentreLine::offset(28.6, 28.2), 1e-9);
        self::assertEqualsWithDelta(-0.1, CentreLine::offset(28.2, 28.4), 1e-9);
        // A rise of 1 in 100, by the tables of the tangent: 0.5729°.
        self::assertEqualsWithDelta(0.5729, CentreLine::angle(0.2, 4.2, 400.0), 5e-5);
        $this->expectException(\InvalidArgumentException::class);
        CentreLine::angle(0.1, 0.2, 0.0);
    }

    /** CALCULATIONS B3: at the twelfth half, over the first 0.944 by the nut. */
    public function test_what_saddle_and_nut_do_over_a_fret(): void
    {
        $twelfth = StringHeight::over(12, 647.7);
        self::assertEqualsWithDelta(0.5, $twelfth->bySaddle(1.0), 1e-9);
        self::assertEqualsWithDelta(0.5, $twelfth->byNut(1.0), 1e-9);
        self::assertEqualsWithDelta(0.944, StringHeight::over(1, 647.7)->byNut(1.0), 0.0005);
        self::assertEqualsWithDelta(0.8, $twelfth->saddleFor(0.4), 1e-9);
        self::assertEqualsWithDelta(0.1, StringHeight::over(1, 647.7)->nutFor(0.0944), 0.0005);
        $this->expectException(\InvalidArgumentException::class);
        StringHeight::over(0, 647.7)->saddleFor(0.1);
    }

    /** @return iterable<array{float, float}> CALCULATIONS B4, by the definition, for 647.7 mm */
    public static function cents(): iterable
    {
        yield [1.0, 0.374];
        yield [5.0, 1.879];
        yield [10.0, 3.774];
    }

    #[DataProvider('cents')]
    public function test_a_saddle_is_moved_back_by_as_much_as_it_is_sharp(float $cents, float $mm): void
    {
        $move = Intonation::of(647.7, $cents);
        self::assertEqualsWithDelta($mm, $move->move, 0.0006);
        self::assertTrue($move->isPossible());
        self::assertEqualsWithDelta(0.0, $move->left, 1e-9);
        // The definition itself.
        self::assertEqualsWithDelta(
            $cents, 1200 * log((647.7 / (647.7 / 2)) / ((647.7 + $move->move) / (647.7 / 2 + $move->move)), 2), 1e-9,
        );
        self::assertLessThan(0.0, Intonation::of(647.7, -$cents)->move);
    }

    public function test_beyond_its_travel_a_saddle_leaves_some_of_it(): void
    {
        $move = Intonation::of(647.7, 10.0, 2.0, 5.0);
        self::assertFalse($move->isPossible());
        self::assertEqualsWithDelta(2.0, $move->possible, 1e-9);
        self::assertEqualsWithDelta(10.0 - 5.3174, $move->left, 0.01);
        self::assertEqualsWithDelta(-5.0, Intonation::of(647.7, -20.0, 2.0, 5.0)->possible, 1e-9);
        $this->expectException(\InvalidArgumentException::class);
        Intonation::of(647.7, 1200.0);
    }

    /** By hand: three frets 10 mm apart; the middle one 0.08 over the line of the others may stand 0.03 over it. */
    public function test_what_rocks_loses_the_least_with_which_nothing_rocks(): void
    {
        $places = [5 => 0.0, 6 => 10.0, 7 => 20.0, 8 => 30.0, 9 => 40.0];
        $frets = FretHeights::of([5 => 0.0, 6 => 0.08, 7 => 0.0], $places, 0.03);
        self::assertSame([6], $frets->rocking());
        self::assertSame([6 => 0.05], $frets->toTakeOff());
        self::assertEqualsWithDelta(1.05, $frets->crownLeft(1.1), 1e-9);
        // A low fret makes both its neighbours rock; where one of them comes down, the next may begin to.
        $low = FretHeights::of([5 => 0.0, 6 => 0.0, 7 => -0.1, 8 => 0.0, 9 => 0.0], $places, 0.03);
        self::assertSame([6, 8], $low->rocking());
        self::assertEqualsWithDelta([6 => 0.02, 8 => 0.02], $low->toTakeOff(), 1e-4);
        self::assertSame([], FretHeights::of([5 => 0.01, 6 => 0.02, 7 => 0.0], $places, 0.03)->toTakeOff());
    }

    /** Nothing less would do: whatever is left higher at one fret leaves one that rocks. Seeded random boards. */
    public function test_nothing_rocks_after_it_and_nothing_less_would_do(): void
    {
        mt_srand(6);
        $positions = array_map(
            static fn (int $fret): float => FretTable::of(Length::ofMillimetres(647.7), 22)->position($fret)->mm, array_combine(range(1, 22), range(1, 22)),
        );
        for ($board = 0; $board < 40; $board++) {
            $heights = array_map(static fn (): float => mt_rand(-60, 60) / 1000, $positions);
            $off = FretHeights::of($heights, $positions, 0.03)->toTakeOff();
            $level = $heights;
            foreach ($off as $fret => $mm) {
                $level[$fret] -= $mm;
            }
            self::assertSame([], FretHeights::of($level, $positions, 0.0302)->rocking());
            foreach (array_keys($off) as $fret) {
                $higher = $level;
                $higher[$fret] += 0.001;
                self::assertNotSame([], FretHeights::of($higher, $positions, 0.03)->rocking(), "fret {$fret} of board {$board}");
            }
        }
    }

    public function test_two_frets_tell_nothing(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        FretHeights::of([1 => 0.0, 2 => 0.0], [1 => 0.0, 2 => 10.0], 0.03);
    }

    public function test_the_steps_come_in_their_order_and_each_counts_on_the_one_before(): void
    {
        $advice = SetUpAdvice::from(0.42, [self::treble(), self::bass()], [
            'nut' => [0.6, 0.45], 'action' => [2.2, 2.1], 'intonation' => [6.0, 0.5],
        ], Tolerances::usual());
        self::assertSame(
            [['relief', null], ['nut', 0], ['action', 0], ['intonation', 0]],
            array_map(static fn (Adjustment $one): array => [$one->step->value, $one->string], $advice->adjustments),
        );
        self::assertSame(SetUpStep::Relief, $advice->next());
        [$relief, $nut, $action, $intonation] = $advice->adjustments;
        self::assertEqualsWithDelta(0.22, $relief->amount, 1e-9);
        self::assertStringStartsWith('Tighten the rod', $relief->words);
        // 0.2 too high over the first: 0.2 / 0.944 = 0.2119 off the slot, which lowers the twelfth by 0.106.
        self::assertEqualsWithDelta(0.2119, $nut->amount, 0.0005);
        // 2.2 − 0.106 is 0.494 too high: the saddle comes down by twice that.
        self::assertEqualsWithDelta(-0.988, $action->amount, 0.002);
        self::assertSame('1 E: lower its saddle 0.99 mm.', $action->words);
        self::assertEqualsWithDelta(2.25, $intonation->amount, 0.01);
    }

    public function test_what_cannot_be_had_says_what_is_left(): void
    {
        $advice = SetUpAdvice::from(0.2, [new StringTargets('1 E', 647.7, 0.4, 1.6, 1.0, 2.0)], [
            'nut' => [0.2], 'action' => [1.6], 'intonation' => [8.0],
        ], Tolerances::usual());
        [$nut, $intonation] = [$advice->adjustments[0], $advice->adjustments[count($advice->adjustments) - 1]];
        self::assertFalse($nut->isPossible);
        self::assertStringContainsString('Fill the slot or make a new nut', $nut->words);
        self::assertFalse($intonation->isPossible);
        self::assertStringContainsString('It goes 1 mm back at the most; 5.3 cents sharp are left.', $intonation->words);
    }

    public function test_what_has_not_been_read_is_read_next_and_then_all_is_well(): void
    {
        self::assertSame(SetUpStep::Relief, SetUpAdvice::from(null, [self::treble()], [], Tolerances::usual())->next());
        $read = ['nut' => [0.4], 'action' => [1.6]];
        self::assertSame(SetUpStep::Intonation, SetUpAdvice::from(0.2, [self::treble()], $read, Tolerances::usual())->next());
        $done = SetUpAdvice::from(0.2, [self::treble()], [...$read, 'intonation' => [-1.5]], Tolerances::usual());
        self::assertNull($done->next());
        self::assertSame([], $done->adjustments);
    }

    private static function treble(): StringTargets
    {
        return new StringTargets('1 E', 647.7, 0.4, 1.6);
    }

    private static function bass(): StringTargets
    {
        return new StringTargets('6 E', 647.7, 0.45, 2.1);
    }
}

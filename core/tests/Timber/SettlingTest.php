<?php

declare(strict_types=1);

namespace Regimen\Tests\Timber;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Timber\Resawing;
use Regimen\Timber\RoughBoard;
use Regimen\Timber\Settling;
use Regimen\Units\Length;

/** How a lot settles (I3), what it weighs (I4), how many slices it gives (I2). */
final class SettlingTest extends TestCase
{
    public function test_twelve_on_its_way_to_eight_and_a_half(): void
    {
        // CALCULATIONS I3: 12 → 8.5 with τ 20 days: 10.24 after 14 days, ready after 25.1.
        $lot = Settling::of([[0.0, 12.0]], 8.5);
        $this->assertEqualsWithDelta(10.24, $lot->at(14), 0.005);
        $this->assertEqualsWithDelta(25.1, $lot->readyAt(), 0.06);
        $this->assertSame([20.0, false, null], [$lot->tau, $lot->isOwn, $lot->spread]);
    }

    public function test_its_own_readings_tell_how_fast_it_is(): void
    {
        $draw = new Randomizer(new Mt19937(7));
        foreach (range(1, 60) as $case) {
            $tau = $draw->getInt(50, 600) / 10;
            $balance = $draw->getInt(60, 110) / 10;
            $first = $balance + ($draw->getInt(0, 1) === 1 ? 1 : -1) * $draw->getInt(25, 80) / 10;
            $exact = static fn (float $day): array => [$day, $balance + ($first - $balance) * exp(-$day / $tau)];
            $two = Settling::of([$exact(0.0), $exact($tau / 4)], $balance);
            $this->assertEqualsWithDelta($tau, $two->tau, 1e-6, "case {$case}: two fit exactly");
            $this->assertNull($two->spread);
            $three = Settling::of([$exact(0.0), $exact($tau / 6), $exact($tau / 3)], $balance);
            $this->assertEqualsWithDelta($tau, $three->tau, 1e-6);
            $this->assertEqualsWithDelta(0.0, (float) $three->spread, 1e-6);
            // It is ready when it is within one per cent, to the minute.
            $this->assertEqualsWithDelta(1.0, abs($three->at($three->readyAt()) - $balance), 1e-6);
        }
    }

    public function test_least_squares_as_they_are_worked_by_hand(): void
    {
        // ln|m − e| at 0, 10, 20 days: ln 4, ln 3, ln 2 with e = 8: slope (−10·ln 4 + 10·ln 2)/200 = −0.034657.
        $lot = Settling::of([[0.0, 12.0], [10.0, 11.0], [20.0, 10.0]], 8.0);
        $this->assertEqualsWithDelta(20 / log(2), $lot->tau, 1e-9);
        $this->assertNotNull($lot->spread);
    }

    public function test_what_tells_nothing_is_left_out_and_the_house_s_counts_then(): void
    {
        $this->assertFalse(Settling::of([[0.0, 12.0], [5.0, 8.9]], 8.5)->isOwn, 'nearer than the meter tells');
        $this->assertFalse(Settling::of([[0.0, 11.0], [10.0, 12.0]], 8.5)->isOwn, 'it went away from the balance: no τ');
        $this->assertFalse(Settling::of([[3.0, 12.0], [3.0, 11.0]], 8.5)->isOwn, 'both on one day');
        $this->assertFalse(Settling::of([[0.0, 6.0], [10.0, 11.0]], 8.5)->isOwn, 'on both sides');
        $this->assertSame(31.0, Settling::of([[0.0, 12.0]], 8.5, 31.0)->tau);
        $near = Settling::of([[0.0, 9.4]], 8.5);
        $this->assertSame([true, 0.0], [$near->isReadyAtOnce(), $near->readyAt()]);
        $this->expectException(\InvalidArgumentException::class);
        Settling::of([], 8.5);
    }

    public function test_weighed_it_tells_the_same_as_read(): void
    {
        // 1120 g at 12 % are 1000 g dry; at 1085 g it has 8.5 %.
        $this->assertEqualsWithDelta(8.5, Settling::byWeight(1085, 1120, 12.0), 1e-9);
        $this->expectException(\InvalidArgumentException::class);
        Settling::byWeight(0, 1120, 12.0);
    }

    public function test_slices_from_a_board_on_edge(): void
    {
        // (52 − 6 + 2.5)/(9 + 1 + 2.5) = 3.88: three, one pair. Exactly two: 2·(9 + 1) + 2.5 + 6 = 28.5.
        $this->assertSame([3, 1], [Resawing::of(52, 9)->slices, Resawing::of(52, 9)->pairs()]);
        $this->assertSame([2, 1], [Resawing::of(28.5, 9)->slices, Resawing::of(28.4, 9)->slices]);
        $this->assertSame([0, 0], [Resawing::of(5, 9)->slices, Resawing::of(50, 0)->slices]);
    }

    public function test_a_board_has_board_feet_and_a_density_of_its_own(): void
    {
        $mm = static fn (float $length): Length => Length::ofMillimetres($length);
        // 2 in × 8 in × 6 ft = 8 board feet (CALCULATIONS T4).
        $this->assertEqualsWithDelta(8.0, RoughBoard::of($mm(1828.8), $mm(203.2), $mm(50.8))->boardFeet(), 1e-9);
        // 24.6 kg in 2.310 × 0.285 × 0.052 m³.
        $this->assertEqualsWithDelta(24.6 / (2.31 * 0.285 * 0.052), RoughBoard::of($mm(2310), $mm(285), $mm(52))->density(24.6), 1e-6);
        foreach ([[2310, 52, 285], [285, 2310, 52], [0, 285, 52]] as [$length, $width, $thickness]) {
            try {
                RoughBoard::of($mm($length), $mm($width), $mm($thickness));
                $this->fail('That is no board.');
            } catch (\InvalidArgumentException $wrong) {
                $this->assertNotSame('', $wrong->getMessage());
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Regimen\Geometry\Box;
use Regimen\Geometry\FretTable;
use Regimen\Geometry\MultiScale;
use Regimen\Geometry\NeckSet;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Units\Length;

/** CALCULATIONS F1 to F3, against their definitions and check values. */
final class FlatTopGeometryTest extends TestCase
{
    public function test_every_string_has_its_frets_where_its_own_scale_has_them(): void
    {
        $fan = MultiScale::of(self::mm(647.7), self::mm(685.8), 7);
        foreach ([0.0, 0.2, 0.5, 1.0] as $share) {
            $scale = $fan->scale($share);
            $table = FretTable::of($scale, 24);
            foreach ([0, 1, 7, 12, 24] as $fret) {
                self::assertEqualsWithDelta($table->position($fret)->mm, $fan->along($fret, $share) - $fan->along(0, $share), 1e-9, 'from its own nut');
            }
            self::assertEqualsWithDelta($scale->mm, $fan->saddle($share) - $fan->along(0, $share), 1e-9, 'to its own saddle');
            self::assertEqualsWithDelta(0.0, $fan->along(7, $share), 1e-9, 'the square fret');
        }
    }

    public function test_every_fret_is_straight_through_the_outer_two(): void
    {
        $fan = MultiScale::of(self::mm(635), self::mm(670), 9);
        foreach (range(0, 24) as $fret) {
            [$from, $to] = [$fan->along($fret, 0.0), $fan->along($fret, 1.0)];
            foreach ([0.25, 0.6] as $share) {
                self::assertEqualsWithDelta($from + $share * ($to - $from), $fan->along($fret, $share), 1e-9);
            }
        }
        // By hand: the nut of the longer scale lies farther from the square fret, the saddle as well.
        self::assertLessThan(0.0, $fan->angle(0, self::mm(36)));
        self::assertEqualsWithDelta(0.0, $fan->angle(9, self::mm(40)), 1e-9);
        self::assertGreaterThan(0.0, $fan->saddleAngle(self::mm(52)));
        // atan(35 · 2^(−9/12) / 52), and for the nut atan(35 · (2^(−9/12) − 1) / 36).
        self::assertEqualsWithDelta(rad2deg(atan(35 * 2 ** -0.75 / 52)), $fan->saddleAngle(self::mm(52)), 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(35 * (2 ** -0.75 - 1) / 36)), $fan->angle(0, self::mm(36)), 1e-9);
    }

    public function test_one_scale_is_a_fan_that_stands_square(): void
    {
        $fan = MultiScale::of(self::mm(647.7), self::mm(647.7), 0);
        foreach ([0, 5, 12] as $fret) {
            self::assertSame(0.0, $fan->angle($fret, self::mm(45)));
        }
    }

    public function test_scales_the_wrong_way_round_are_refused(): void
    {
        $this->expectExceptionMessage('they are the wrong way round');
        MultiScale::of(self::mm(686), self::mm(648), 7);
    }

    public function test_a_square_fret_beyond_any_board_is_refused(): void
    {
        $this->expectExceptionMessage('Fret 40 cannot be the square one');
        MultiScale::of(self::mm(648), self::mm(686), 40);
    }

    public function test_the_air_of_a_box_is_as_the_formula_has_it(): void
    {
        // CALCULATIONS F2: 12.5 l, hole radius 50, plate 2.5 → 146.3 Hz.
        self::assertEqualsWithDelta(146.3, Box::ofLitres(12.5)->resonance(self::mm(50), self::mm(2.5)), 0.05);
        self::assertEqualsWithDelta(sqrt(2), Box::ofLitres(10)->resonance(self::mm(50), self::mm(2.5)) / Box::ofLitres(20)->resonance(self::mm(50), self::mm(2.5)), 1e-9);
    }

    public function test_the_volume_is_area_times_depth_where_the_depth_tapers(): void
    {
        // A wedge by hand: 500 × 400 mm, 90 mm deep at the neck, 110 at the tail: 20 l.
        $box = Polygon::of([new Point(0, 0), new Point(500, 0), new Point(500, 400), new Point(0, 400)]);
        self::assertEqualsWithDelta(20.0, Box::of($box, self::mm(90), self::mm(110))->litres(), 1e-9);
        // A triangle with its wide end at the tail, the other way: summed up in thin slices.
        $triangle = Polygon::of([new Point(0, 0), new Point(480, -200), new Point(480, 200)]);
        $sum = 0.0;
        for ($x = 0.5; $x < 480; $x++) {
            $sum += 400 * $x / 480 * (80 + 30 * $x / 480);
        }
        self::assertEqualsWithDelta($sum / 1e6, Box::of($triangle, self::mm(80), self::mm(110))->litres(), 1e-4);
        $this->expectExceptionMessage('A box has a depth at both ends.');
        Box::of($box, self::mm(0), self::mm(110));
    }

    public function test_the_neck_leans_so_that_the_strings_stand_as_they_are_to(): void
    {
        // By hand: saddle 13, action 2.4 and 0.5: the plane has to lie at 13 − 4.3 = 8.7; board 6 and crown 1 leave 1.7 over 280 mm.
        $set = new NeckSet(self::mm(13), self::mm(2.4), self::mm(0.5), self::mm(6), self::mm(1), self::mm(280));
        self::assertEqualsWithDelta(8.7, $set->planeAtSaddle(), 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(1.7 / 280)), $set->angle(), 1e-9);
        self::assertEqualsWithDelta(280 * tan(deg2rad(1)), $set->perDegree(), 0.01);
        // Put back: with that angle the strings stand 2.4 over the 12th fret.
        $plane = 6 + 1 + 280 * tan(deg2rad($set->angle()));
        self::assertEqualsWithDelta(2.4, (13 - $plane + 0.5) / 2, 1e-9);
    }

    private static function mm(float $mm): Length
    {
        return Length::ofMillimetres($mm);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Regimen\Geometry\FretWire;
use Regimen\Geometry\InstrumentDrawing;
use Regimen\Instrument\Hand;
use Regimen\Instrument\InstrumentType;
use Regimen\Instrument\Specification;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;

final class InstrumentDrawingTest extends TestCase
{
    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_nothing_is_drawn_outside_its_frame(Specification $specification): void
    {
        $this->assertWithinFrame($specification);
    }

    public function test_basses_short_scales_and_many_strings_stay_within_their_frames_too(): void
    {
        $this->assertWithinFrame(Specifications::sixString(['type' => InstrumentType::Bass, 'strings' => 5, 'scale' => Length::ofInches(35), 'nutWidth' => Length::ofMillimetres(47)]));
        $this->assertWithinFrame(Specifications::sixString(['scale' => Length::ofMillimetres(500), 'frets' => 12, 'pickups' => 1]));
        $this->assertWithinFrame(Specifications::sixString(['strings' => 12, 'nutWidth' => Length::ofMillimetres(48), 'pickups' => 4]));
        $this->assertWithinFrame(Specifications::sixString(['frets' => 36, 'pickups' => 0]));
    }

    public function test_frets_lie_where_the_fret_table_says_and_widen_with_the_board(): void
    {
        $specification = Specifications::sixString();
        $frets = InstrumentDrawing::of($specification)->frets();
        self::assertCount(22, $frets);
        self::assertEqualsWithDelta(323.85, $frets[11][0], 0.01, 'the twelfth at half the scale');
        self::assertGreaterThan(21.5, $frets[0][1]);
        self::assertEqualsWithDelta(21.5 * FretWire::TAPER, 21.5 + ($frets[21][1] - 21.5) * $specification->boardLength()->mm / $frets[21][0], 0.02, 'a straight taper');
    }

    public function test_the_left_handed_instrument_is_the_mirror_of_the_right_handed(): void
    {
        $right = InstrumentDrawing::of(Specifications::sixString());
        $left = InstrumentDrawing::of(Specifications::sixString(['hand' => Hand::Left]));
        foreach ([[$right->body(), $left->body()], [$right->neck(), $left->neck()]] as [$one, $other]) {
            $points = self::points($one);
            foreach (self::points($other) as $index => [$x, $y]) {
                self::assertSame([$points[$index][0], -$points[$index][1] + 0.0], [$x, $y + 0.0]);
            }
        }
        self::assertSame($right->board(), $left->board());
    }

    public function test_the_bridge_stands_at_the_scale_and_each_string_runs_to_it(): void
    {
        $drawing = InstrumentDrawing::of(Specifications::sixString(['strings' => 7, 'nutWidth' => Length::ofMillimetres(48)]));
        self::assertEqualsWithDelta(647.7, $drawing->bridge()[0] + 3, 0.01);
        self::assertCount(7, $drawing->strings());
        $tuners = [];
        foreach ($drawing->strings() as [$tuner, , $end]) {
            self::assertLessThan(0, $tuner, 'tuners lie behind the nut');
            self::assertEqualsWithDelta(647.7, $end, 0.01);
            $tuners[] = $tuner;
        }
        self::assertCount(7, array_unique($tuners), 'each string has its own post');
    }

    public function test_pickups_lie_between_board_and_bridge(): void
    {
        foreach (range(0, 4) as $count) {
            $specification = Specifications::sixString(['pickups' => $count]);
            $boxes = InstrumentDrawing::of($specification)->pickups();
            self::assertCount($count, $boxes);
            foreach ($boxes as [$x, , $width]) {
                self::assertGreaterThan($specification->boardLength()->mm, $x);
                self::assertLessThan($specification->scale->mm, $x + $width);
            }
        }
    }

    private function assertWithinFrame(Specification $specification): void
    {
        $drawing = InstrumentDrawing::of($specification);
        [$left, $top, $width, $height] = $drawing->viewBox();
        $points = [...self::points($drawing->body()), ...self::points($drawing->neck()), ...self::points($drawing->board())];
        foreach ($drawing->strings() as [$x1, $y1, $x2, $y2]) {
            array_push($points, [$x1, $y1], [$x2, $y2]);
        }
        foreach ($points as [$x, $y]) {
            self::assertTrue(is_finite($x) && is_finite($y));
            self::assertGreaterThanOrEqual($left, $x);
            self::assertLessThanOrEqual($left + $width, $x);
            self::assertGreaterThanOrEqual($top, $y);
            self::assertLessThanOrEqual($top + $height, $y);
        }
    }

    /** @return list<array{float, float}> */
    private static function points(string $path): array
    {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $found, PREG_SET_ORDER);

        return array_map(static fn (array $pair): array => [(float) $pair[1], (float) $pair[2]], $found);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Geometry\Spline;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Shape\Outlines;

/** The house's outlines, judged by their points alone, and the line that is laid through them. */
final class OutlinesTest extends TestCase
{
    /** How often each changes from curved outwards to inwards and back: two for a waist, two beside a horn. */
    private const CHANGES = ['river' => 6, 'pebble' => 4, 'leaf' => 8, 'heron' => 6, 'meadow' => 4, 'dune' => 6];

    /** @return iterable<string, array{BodyOutline}> */
    public static function outlines(): iterable
    {
        foreach (BodyOutline::cases() as $outline) {
            if ($outline !== BodyOutline::Imported) {
                yield $outline->value => [$outline];
            }
        }
    }

    #[DataProvider('outlines')]
    public function test_no_corner_can_be_felt_and_it_bends_inwards_only_at_waist_and_horns(BodyOutline $outline): void
    {
        foreach ([200.0, 330.0, 420.0] as $width) {
            $turns = self::turns(Outlines::of($outline, $width));
            self::assertLessThan(1.0, max(array_map(abs(...), $turns)), 'degrees from one straight piece to the next');
            self::assertEqualsWithDelta(360.0, abs(array_sum($turns)), 1e-6, 'once round');
            self::assertSame(self::CHANGES[$outline->value], self::changes($turns));
        }
    }

    #[DataProvider('outlines')]
    public function test_the_neck_has_timber_on_both_sides(BodyOutline $outline): void
    {
        // A pocket 57 mm wide and 70 long in a body of 330, which begins 5 mm inside the outline.
        $body = Outlines::of($outline, 330.0);
        for ($x = 5; $x <= 75; $x += 5) {
            foreach ([-28.5, 28.5] as $y) {
                self::assertTrue($body->contains(new Point($x, $y)), "{$x}, {$y}");
                self::assertGreaterThan(3.0, $body->distanceTo(new Point($x, $y)), "{$x}, {$y}");
            }
        }
    }

    /** No two cover each other but for a twelfth at least, laid neck end on neck end. */
    public function test_each_is_unlike_the_others(): void
    {
        $bodies = array_map(
            static fn (array $of): Polygon => Outlines::of($of[0], 330.0), iterator_to_array(self::outlines()),
        );
        foreach ($bodies as $name => $body) {
            foreach ($bodies as $other => $beside) {
                if ($name < $other) {
                    self::assertGreaterThan(1 / 12, self::difference($body, $beside), "{$name} and {$other}");
                }
            }
        }
    }

    /**
     * By hand: with the step h the slopes of the spline of sin and cos are 3 sin h / (h (2 + cos h)), and its middles lie
     * on cos h/2 + h/4 · slope · sin h/2 of the radius: 0.1152 mm inside a circle of 100 for eight points.
     */
    public function test_a_closed_line_through_points_of_a_circle(): void
    {
        $through = static function (int $count): float {
            $circle = array_map(
                static fn (int $step): Point => new Point(
                    100 * cos(2 * M_PI * $step / $count), 100 * sin(2 * M_PI * $step / $count),
                ),
                range(0, $count - 1),
            );
            $away = 0.0;
            foreach (Spline::closed($circle)->flattened()->points as $point) {
                $away = max($away, abs(hypot($point->x, $point->y) - 100));
            }

            return $away;
        };
        self::assertEqualsWithDelta(0.1152, $through(8), 0.0005);
        self::assertEqualsWithDelta(0.0065, $through(16), 0.0005);
    }

    public function test_direction_and_curvature_go_on_from_curve_to_curve(): void
    {
        foreach (self::outlines() as [$outline]) {
            $curves = Outlines::curves($outline, 330.0)->curves;
            foreach ($curves as $index => [, , $second, $end]) {
                [$begin, $first, $third] = $curves[($index + 1) % count($curves)];
                [, $before, $near] = $curves[$index];
                self::assertEqualsWithDelta([$end->x, $end->y], [$begin->x, $begin->y], 1e-9);
                self::assertEqualsWithDelta(
                    self::bend($before, $near, $end, false), self::bend($begin, $first, $third, true), 1e-6,
                );
                self::assertEqualsWithDelta(
                    atan2($end->y - $second->y, $end->x - $second->x),
                    atan2($first->y - $begin->y, $first->x - $begin->x), 1e-9,
                );
            }
        }
    }

    public function test_two_points_make_no_closed_line(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Spline::closed([new Point(0, 0), new Point(1, 0), new Point(1, 0)]);
    }

    /** Curvature of a cubic at the end of three of its control points (Farin: 2/3 of the height by the leg squared). */
    private static function bend(Point $a, Point $b, Point $c, bool $atFirst): float
    {
        $area = ($b->x - $a->x) * ($c->y - $b->y) - ($b->y - $a->y) * ($c->x - $b->x);
        $leg = $atFirst ? $a->distanceTo($b) : $b->distanceTo($c);

        return 2 / 3 * $area / $leg ** 3;
    }

    /** @return non-empty-list<float> in degrees */
    private static function turns(Polygon $line): array
    {
        $turns = [];
        $count = count($line->points);
        foreach ($line->points as $index => $at) {
            $before = $line->points[($index + $count - 1) % $count];
            $after = $line->points[($index + 1) % $count];
            [$a, $b] = [atan2($at->y - $before->y, $at->x - $before->x), atan2($after->y - $at->y, $after->x - $at->x)];
            $turns[] = rad2deg(fmod($b - $a + 3 * M_PI, 2 * M_PI) - M_PI);
        }

        return $turns;
    }

    /** @param  non-empty-list<float>  $turns */
    private static function changes(array $turns): int
    {
        $changes = 0;
        foreach ($turns as $index => $turn) {
            $changes += $turn * $turns[($index + 1) % count($turns)] < 0 ? 1 : 0;
        }

        return $changes;
    }

    /** Share of the ground that only one of two covers, by points 6 mm apart. */
    private static function difference(Polygon $one, Polygon $other): float
    {
        [$one, $other] = [$one->simplified(1.0), $other->simplified(1.0)];
        $both = $either = 0;
        for ($x = -90; $x <= 600; $x += 6) {
            for ($y = -210; $y <= 210; $y += 6) {
                $in = (int) $one->contains(new Point($x, $y)) + (int) $other->contains(new Point($x, $y));
                $both += $in === 2 ? 1 : 0;
                $either += $in > 0 ? 1 : 0;
            }
        }

        return 1 - $both / $either;
    }
}

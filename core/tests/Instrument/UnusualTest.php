<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\StarterPrices;
use Regimen\Drawing\Drawings;
use Regimen\Drawing\Shape;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** Headless necks, single bridges, tuners through the side, two rods: in specification, kit, route and drawing. */
final class UnusualTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $change
     * @return array<string, float>
     */
    private static function kit(array $change): array
    {
        $kit = [];
        foreach (Kit::for(Specifications::sixString($change), StarterPrices::in('EUR'))->lines as $line) {
            $kit[$line->name] = $line->quantity;
        }

        return $kit;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, int> labour in minutes by key
     */
    private static function hours(array $change): array
    {
        $hours = [];
        foreach (RoutePlanner::withAllRules()->plan(Specifications::sixString($change), TradeStandards::all(), Methods::usual())->operations as $operation) {
            $hours[$operation->key] = $operation->hours->likely->minutes;
        }

        return $hours;
    }

    public function test_a_headless_bass_has_no_posts_anywhere(): void
    {
        $bass = ['type' => 'bass', 'scale' => '34"', 'strings' => '4', 'nutWidth' => '', 'headstock' => 'headless', 'bridge' => 'single_bridges', 'bridgeRecess' => '3'];
        $s = Specifications::sixString($bass);
        self::assertSame('headless four-string bass, solid, red alder', $s->inOneLine());
        $kit = self::kit($bass);
        self::assertSame([1.0, 4.0], [$kit['headpiece with clamps'], $kit['single bridge with tuner']]);
        self::assertSame([], array_intersect(['bass tuner', 'bass bridge', 'bridge with tuners'], array_keys($kit)));
        $hours = self::hours($bass);
        self::assertSame([], array_intersect(['neck.headstock', 'neck.headstock-thickness', 'neck.tuner-holes', 'neck.veneer'], array_keys($hours)));
        self::assertTrue(isset($hours['neck.headpiece'], $hours['joint.bridge-recess'], $hours['electronics.grounds']));
        $w = Specifications::workings($bass);
        foreach ($w->strings() as $string) {
            self::assertEqualsWithDelta($string->nut->y, $string->post->y, 1e-9, 'straight on behind the nut');
            self::assertEqualsWithDelta(12.5, $string->nut->x - $string->post->x, 1e-9, 'half of a headpiece of 25 mm');
        }
        foreach (Drawings::templates($w) as $name => $view) {
            self::assertSame([], array_filter($view->shapes, static fn (Shape $shape): bool => $name === 'headstock' && $shape->kind === Shape::CIRCLE));
        }
        // Without a headstock it balances farther from the nut.
        self::assertGreaterThan(Specifications::workings([...$bass, 'headstock' => 'flat', 'tuners' => ''])->mass()->centre(), $w->mass()->centre());
    }

    public function test_one_bridge_with_tuners_where_it_is_not_one_for_each_string(): void
    {
        $kit = self::kit(['headstock' => 'headless']);
        self::assertSame(1.0, $kit['bridge with tuners']);
        self::assertArrayNotHasKey('tuner', $kit);
        self::assertSame(['bridge' => 0.0, 'single bridge' => 6.0], ['bridge' => self::kit(['bridge' => 'single_bridges'])['bridge'] ?? 0.0, 'single bridge' => self::kit(['bridge' => 'single_bridges'])['single bridge']]);
        self::assertArrayNotHasKey('joint.bridge-recess', self::hours(['bridge' => 'single_bridges']), 'what is not let in needs no recess');
        self::assertArrayNotHasKey('electronics.grounds', self::hours(['bridge' => 'single_bridges', 'pickups' => 0]), 'what has no pickups needs no ground');
    }

    public function test_tuners_through_the_side_are_drilled_otherwise(): void
    {
        $face = self::hours([])['neck.tuner-holes'];
        self::assertGreaterThan($face, self::hours(['tuners' => 'through_the_side', 'headThickness' => '18'])['neck.tuner-holes']);
    }

    public function test_a_hole_through_the_side_is_drawn_from_the_edge_to_the_post(): void
    {
        foreach (['right', 'left'] as $hand) {
            $w = Specifications::workings(['tuners' => 'through_the_side', 'headThickness' => '18', 'tunerLayout' => 'both_sides', 'hand' => $hand]);
            $holes = array_values(array_filter(Drawings::templates($w)['headstock']->shapes, static fn (Shape $shape): bool => $shape->layer === 'holes'));
            self::assertCount(6, $holes);
            $across = array_map(static fn ($point): float => $point->y, $w->head()->outline());
            foreach ($holes as $number => $hole) {
                self::assertSame(Shape::LINE, $hole->kind);
                $y = array_map(static fn ($point): float => $point->y, $hole->points);
                self::assertEqualsWithDelta($w->head()->posts[$number]->y, abs(min($y)) < abs(max($y)) ? min($y) : max($y), 1e-9);
                self::assertLessThanOrEqual(max($across) + 1e-6, max($y));
                self::assertGreaterThanOrEqual(min($across) - 1e-6, min($y));
            }
        }
    }

    public function test_two_rods_take_two_channels_and_leave_less_beside_the_middle(): void
    {
        self::assertSame([1.0, 2.0], [self::kit([])['two-way truss rod'], self::kit(['rods' => '2'])['two-way truss rod']]);
        self::assertGreaterThan(self::hours([])['neck.channel'], self::hours(['rods' => '2'])['neck.channel']);
        $one = Specifications::workings();
        $two = Specifications::workings(['rods' => '2', 'rodSpacing' => '18']);
        $x = $one->fret(1);
        self::assertLessThan($one->neck()->leftUnderRod($x)->value, $two->neck()->leftUnderRod($x)->value);
        // A C is an ellipse: at y its depth is b · √(1 − (y / a)²).
        $half = $two->board()->widthAt($x) / 2;
        $deep = $two->neck()->thicknessAt($x) - $two->board()->thickness;
        self::assertEqualsWithDelta($deep * sqrt(1 - (12.0 / $half) ** 2) - 9.0, $two->neck()->leftUnderRod($x)->value, 0.15);
        self::assertGreaterThan($one->mass()->total(), $two->mass()->total());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function refused(): iterable
    {
        yield 'tuners on a head that is not there' => [['headstock' => 'headless', 'tuners' => 'through_the_face'], 'tuners', 'carries no tuners'];
        yield 'posts on a head that is not there' => [['headstock' => 'headless', 'posts' => '40/-9 50/-5 60/-2 70/2 80/5 90/9'], 'headstock', 'has no posts, and 6 are drawn'];
        yield 'tuned twice' => [['tuners' => 'at_the_bridge'], 'tuners', 'need no headstock'];
        yield 'a long headpiece' => [['headstock' => 'headless', 'headLength' => '120'], 'headLength', 'is a headstock'];
        yield 'a short headstock' => [['headLength' => '40'], 'headLength', '60 mm is the least'];
        yield 'a box of no depth' => [['type' => 'flat-top', 'boxDepthNeck' => '2', 'boxDepthTail' => '5'], 'boxDepthTail', 'no room between its plates'];
        yield 'plates thicker than the sides are high' => [['type' => 'flat-top', 'boxDepthNeck' => '12', 'backThickness' => '11'], 'layers', 'thicker than the sides are high'];
        yield 'a shallow box' => [['type' => 'flat-top', 'boxDepthNeck' => '25'], 'boxDepthNeck', 'no depth of a box'];
        yield 'braces drawn and none there' => [['type' => 'flat-top', 'bracing' => 'as_drawn'], 'braces', 'Draw the braces'];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('refused')]
    public function test_what_contradicts_itself_is_refused_with_the_reason(array $typed, string $field, string $words): void
    {
        self::assertStringContainsString($words, SpecificationReader::read($typed)->problems[$field] ?? 'no problem');
    }
}

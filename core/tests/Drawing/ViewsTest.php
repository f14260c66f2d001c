<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\BodyTemplate;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\HeadView;
use Regimen\Drawing\LayersView;
use Regimen\Drawing\SectionsView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;

/** What a drawing shows is where the figures say it is: places are compared with arithmetic by hand, in millimetres. */
final class ViewsTest extends TestCase
{
    /** @return list<Shape> */
    private static function styled(View $view, string $style): array
    {
        return array_values(array_filter($view->shapes, static fn (Shape $shape): bool => $shape->style === $style));
    }

    /** @return list<Shape> */
    private static function onLayer(View $view, string $layer): array
    {
        return array_values(array_filter($view->shapes, static fn (Shape $shape): bool => $shape->layer === $layer));
    }

    /** @return list<string> */
    private static function words(View $view): array
    {
        return array_values(array_map(
            static fn (Shape $shape): string => $shape->words,
            array_filter($view->shapes, static fn (Shape $shape): bool => $shape->kind === Shape::WORDS),
        ));
    }

    /**
     * The taper carried on 8 mm behind the last fret: 43 + (56 − 43) · (465.9 + 8) / 465.9, fret 22 of 25 1/2 in by the
     * published table.
     */
    public function test_a_board_says_its_widths_and_lengths(): void
    {
        $view = BoardView::draw(
            Specifications::workings(
                ['scale' => '647.7', 'nutWidth' => '43', 'lastWidth' => '56', 'overhang' => '8', 'frets' => '22'],
            ),
        );
        $words = self::words($view);
        foreach (['43.0', '56.2', '323.9', '473.9'] as $figure) {
            self::assertContains($figure, $words);
        }
    }

    public function test_from_the_front_frets_strings_and_bridge_stand_in_their_places(): void
    {
        $front = FrontView::draw(Specifications::workings(['frets' => 24, 'joinFret' => '18', 'bridgeSpread' => '52']));
        $frets = self::styled($front, 'fret');
        self::assertCount(24, $frets);
        self::assertEqualsWithDelta(323.85, $frets[11]->points[0]->x, 1e-9);
        self::assertEqualsWithDelta($frets[11]->points[0]->y, -$frets[11]->points[1]->y, 1e-9);
        $strings = self::styled($front, 'string');
        self::assertCount(12, $strings, 'each runs from the nut to the bridge and to its post');
        self::assertEqualsWithDelta(
            648.835, $strings[0]->points[1]->x, 1e-9, 'the first ends behind the scale line by its compensation',
        );
        self::assertEqualsWithDelta(-26.0, $strings[0]->points[1]->y, 1e-9, 'on the treble side, which lies above');
        self::assertEqualsWithDelta(26.0, $strings[10]->points[1]->y, 1e-9);
    }

    public function test_each_piece_is_drawn_in_its_timber_and_known_by_its_name(): void
    {
        $front = FrontView::small(
            Specifications::workings(
                [
                    'neckTimber' => 'black cherry', 'boardTimber' => 'African ebony',
                    'layers' => [['timber' => 'limba', 'thickness' => '45']],
                ],
            ),
        );
        $fills = [];
        foreach ($front->shapes as $shape) {
            if ($shape->part !== '' && str_starts_with($shape->fill, '#')) {
                $fills[$shape->part] = $shape->fill;
            }
        }
        self::assertSame(
            [
                'body' => Species::named('limba')->colour, 'neck' => Species::named('black cherry')->colour,
                'fretboard' => Species::named('African ebony')->colour,
            ],
            $fills,
        );
        self::assertSame([], self::words($front), 'in lists there is nothing to read');
    }

    public function test_a_small_drawing_has_far_fewer_points_and_the_same_outline(): void
    {
        $workings = Specifications::workings();
        $points = static fn (View $view): int => array_sum(
            array_map(static fn (Shape $shape): int => count($shape->points), $view->shapes),
        );
        self::assertLessThan(0.7 * $points(FrontView::draw($workings)), $points(FrontView::small($workings)));
        self::assertEqualsWithDelta(
            FrontView::draw($workings)->along()->from, FrontView::small($workings)->along()->from, 1.0,
        );
    }

    #[TestWith(['none', 0])]
    #[TestWith(['dot', 10])]
    #[TestWith(['block', 9])]
    public function test_markers_on_the_board(string $shape, int $count): void
    {
        $markers = self::onLayer(BoardView::draw(Specifications::workings(['markers' => $shape])), 'markers');
        self::assertCount($count, $markers);
        foreach ($markers as $marker) {
            self::assertSame($shape === 'dot' ? Shape::CIRCLE : Shape::LINE, $marker->kind);
        }
    }

    public function test_a_zero_fret_has_a_slot_of_its_own(): void
    {
        $slots = self::onLayer(BoardView::draw(Specifications::workings(['zeroFret' => 'yes'])), 'slots');
        self::assertCount(23, $slots);
        self::assertSame(0.0, $slots[0]->points[0]->x);
    }

    public function test_the_board_is_as_wide_and_as_long_as_it_says(): void
    {
        $view = BoardView::draw(Specifications::workings(['nutWidth' => '43', 'lastWidth' => '56', 'overhang' => '10']));
        $outline = self::onLayer($view, 'outline')[0]->points;
        self::assertEqualsWithDelta(43.0, $outline[3]->y - $outline[0]->y, 1e-9);
        self::assertEqualsWithDelta(465.945 + 10, $outline[1]->x, 0.001);
        self::assertContains('43.0', self::words($view));
        self::assertContains('323.9', self::words($view));
    }

    public function test_the_headstock_has_a_hole_for_each_string_and_the_line_to_it(): void
    {
        $posts = '42/14 80/14 118/14 118/-14 80/-14 42/-14';
        $view = HeadView::draw(Specifications::workings(['posts' => $posts, 'tunerHole' => '10', 'headLength' => '160']));
        $holes = self::onLayer($view, 'holes');
        self::assertCount(6, $holes);
        self::assertSame([-42.0, 14.0, 5.0], [$holes[0]->points[0]->x, $holes[0]->points[0]->y, $holes[0]->radius]);
        self::assertCount(6, self::styled($view, 'string'));
        self::assertContains('160.0', self::words($view));
        self::assertCount(
            6,
            array_filter(self::words($view), static fn (string $words): bool => str_ends_with($words, '°')),
            'each string tells its break',
        );
    }

    #[TestWith(['in_line', 6])]
    #[TestWith(['in_line_reversed', 6])]
    #[TestWith(['both_sides', 3])]
    public function test_tuners_stand_in_as_many_rows_as_their_layout_has(string $layout, int $places): void
    {
        $holes = self::onLayer(
            HeadView::draw(
                Specifications::workings(['tunerLayout' => $layout, 'tunerSpacing' => '38', 'firstPost' => '42']),
            ),
            'holes',
        );
        $along = array_unique(
            array_map(static fn (Shape $hole): string => sprintf('%.3f', $hole->points[0]->x), $holes),
        );
        self::assertCount($places, $along);
        $nearest = array_map(static fn (Shape $hole): float => $hole->points[0]->x, $holes);
        self::assertEqualsWithDelta(-42.0, max($nearest), 1e-9);
        $first = $holes[0]->points[0]->x;
        self::assertSame(
            $layout === 'in_line' ? min($nearest) : max($nearest), $first,
            'in a line the treble has the farthest post, otherwise the nearest',
        );
    }

    public function test_from_the_side_everything_lies_in_the_depth_that_was_given(): void
    {
        $view = SideView::draw(Specifications::workings([
            'heelThickness' => '24', 'pocketDepth' => '16', 'headAngle' => '10', 'headLength' => '180',
            'boardThickness' => '6', 'rodDepth' => '9', 'rodLength' => '440',
            'layers' => [
                ['timber' => 'black walnut', 'thickness' => '7'], ['timber' => 'true mahogany', 'thickness' => '38'],
            ],
        ]));
        $slabs = array_values(
            array_filter(
                $view->shapes,
                static fn (Shape $shape): bool => in_array(
                    $shape->fill,
                    [Species::named('black walnut')->colour, Species::named('true mahogany')->colour],
                    true,
                ),
            ),
        );
        self::assertEqualsWithDelta(8.0, $slabs[0]->points[0]->y, 1e-9, 'the top lies 8 below the board’s surface');
        self::assertEqualsWithDelta(15.0, $slabs[0]->points[2]->y, 1e-9);
        self::assertEqualsWithDelta(53.0, $slabs[1]->points[2]->y, 1e-9);
        $rod = self::onLayer($view, 'holes')[0]->points;
        self::assertEqualsWithDelta([6.0, 15.0, 432.0], [$rod[0]->y, $rod[2]->y, $rod[1]->x], 1e-9);
        $tip = min(array_map(static fn (Point $point): float => $point->x, self::onLayer($view, 'outline')[0]->points));
        self::assertEqualsWithDelta(-180 * cos(deg2rad(10)), $tip, 1e-9);
        self::assertContains('6.5 left under the rod', self::words($view));
    }

    public function test_a_neck_angle_leans_the_body_away_from_the_strings(): void
    {
        $far = static fn (string $angle): float => max(
            array_map(
                static fn (Shape $shape): float => max(
                    array_map(static fn (Point $point): float => $point->y, $shape->points),
                ),
                array_filter(
                    SideView::draw(Specifications::workings(['neckAngle' => $angle, 'bridgeMost' => '40']))->shapes,
                    static fn (Shape $shape): bool => $shape->kind !== Shape::WORDS,
                ),
            ),
        );
        self::assertGreaterThan($far('0') + 8, $far('2'));
    }

    public function test_a_bridge_out_of_its_range_is_drawn_to_be_seen(): void
    {
        self::assertSame([], self::styled(SideView::draw(Specifications::workings()), 'warn'));
        self::assertNotSame([], self::styled(SideView::draw(Specifications::workings(['neckAngle' => '2'])), 'warn'));
    }

    public function test_sections_are_as_wide_and_as_deep_as_the_neck_is_there(): void
    {
        $view = SectionsView::draw(
            Specifications::workings(['nutWidth' => '43', 'thicknessFirst' => '21.5', 'thicknessTwelfth' => '22.5']),
        );
        $boards = array_values(
            array_filter(
                $view->shapes,
                static fn (Shape $shape): bool => $shape->fill === Species::named('Indian rosewood')->colour,
            ),
        );
        self::assertCount(4, $boards);
        $width = static fn (Shape $shape): float => max(
            array_map(static fn (Point $point): float => $point->x, $shape->points),
        )
            - min(array_map(static fn (Point $point): float => $point->x, $shape->points));
        self::assertEqualsWithDelta(43.0, $width($boards[0]), 1e-9);
        $middle = $boards[0]->points[8];
        self::assertEqualsWithDelta(0.0, $middle->y, 1e-9, 'the crown of the radius is the reference');
        self::assertEqualsWithDelta(
            0.759, $boards[0]->points[0]->y, 0.001, 'the edge has fallen by what the radius takes',
        );
        foreach (['at the first', 'at the twelfth', 'at the heel', '21.5', '22.5'] as $words) {
            self::assertContains($words, self::words($view));
        }
    }

    public function test_the_stack_shows_each_layer_and_how_deep_everything_is_let_in(): void
    {
        $view = LayersView::draw(Specifications::workings([
            'body' => 'chambered', 'chamberDepth' => '30', 'pocketDepth' => '16',
            'layers' => [
                ['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39'],
            ],
            'cavities' => [['kind' => 'control', 'depth' => '38'], ['kind' => 'battery', 'depth' => '20']],
        ]));
        $cuts = self::styled($view, 'hidden');
        self::assertCount(6, $cuts, 'pocket, two pickups, chambers, two cavities');
        self::assertSame(
            [0.0, 16.0], [$cuts[0]->points[0]->y, $cuts[0]->points[2]->y], 'the pocket is cut from the top',
        );
        self::assertSame([6.0, 36.0], [$cuts[3]->points[0]->y, $cuts[3]->points[2]->y], 'chambers begin under the top');
        self::assertSame(
            [7.0, 45.0], [$cuts[4]->points[0]->y, $cuts[4]->points[2]->y], 'a control cavity is cut from the back',
        );
        foreach (['6.0 black walnut', '39.0 white ash', 'control', 'battery', 'chambers'] as $words) {
            self::assertContains($words, self::words($view));
        }
    }

    public function test_the_body_template_has_its_holes_where_the_bridge_is(): void
    {
        $view = BodyTemplate::draw(
            Specifications::workings(
                ['mountingSpan' => '74', 'mountingOffset' => '8', 'pocketWidth' => '56', 'pocketLength' => '76'],
            ),
        );
        $holes = self::onLayer($view, 'holes');
        self::assertSame(
            [[655.7, -37.0], [655.7, 37.0]],
            array_map(static fn (Shape $hole): array => [round($hole->points[0]->x, 6), $hole->points[0]->y], $holes),
        );
        $pocket = self::onLayer($view, 'cavities')[0]->points;
        self::assertEqualsWithDelta(76.0, $pocket[1]->x - $pocket[0]->x, 1e-9);
        self::assertEqualsWithDelta(56.0, $pocket[2]->y - $pocket[1]->y, 1e-9);
        self::assertCount(2, self::onLayer($view, 'centre'), 'the centre line and the scale line');
    }

    public function test_a_template_is_bare(): void
    {
        foreach (BoardView::draw(Specifications::workings())->template()->shapes as $shape) {
            self::assertSame(['', false], [$shape->fill, $shape->isDimension()]);
            self::assertNotSame('', $shape->layer);
        }
    }

    public function test_a_dimension_stands_beside_what_it_measures(): void
    {
        $shapes = Shape::dimension(new Point(0, 0), new Point(100, 0), 12.0, '100', 5.0);
        self::assertSame(
            [[0.0, 12.0], [100.0, 12.0]],
            array_map(static fn (Point $point): array => [$point->x, $point->y], $shapes[2]->points),
        );
        self::assertSame('100', $shapes[5]->words);
        self::assertEqualsWithDelta(50.0, $shapes[5]->points[0]->x, 1e-9);
        $view = new View('x', 'x', $shapes);
        self::assertSame([0.0, 100.0], [$view->along()->from, $view->along()->to]);
        $moved = $shapes[2]->moved(5, 7);
        self::assertSame([5.0, 19.0], [$moved->points[0]->x, $moved->points[0]->y]);
    }
}

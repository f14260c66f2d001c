<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\BodyTemplate;
use Regimen\Drawing\LayersView;
use Regimen\Drawing\SectionsView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;

/** What a drawing shows is where the figures say it is: places are compared with arithmetic by hand, in millimetres. */
final class SideAndSectionsTest extends TestCase
{
    use DrawnViews;

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

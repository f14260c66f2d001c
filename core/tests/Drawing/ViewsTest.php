<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\HeadView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;

/** What a drawing shows is where the figures say it is: places are compared with arithmetic by hand, in millimetres. */
final class ViewsTest extends TestCase
{
    use DrawnViews;

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
}

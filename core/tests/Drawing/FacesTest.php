<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\LayersView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Reading\SpecificationReader;

/** On which face of the body something is let in: pocket and pickups from the top, cavities from the back. */
final class FacesTest extends TestCase
{
    private const BODY = 44.45;

    public function test_from_the_side_a_cavity_opens_at_the_back_and_a_pickup_at_the_top(): void
    {
        $workings = self::workings();
        $top = $workings->bridge()->boardAboveTop()->value;
        $hidden = self::spans(SideView::draw($workings), static fn (Point $point): float => $point->y - $top);
        self::assertContainsEquals([0.0, 20.0], $hidden, 'the pickup');
        self::assertContainsEquals([6.45, self::BODY], $hidden, 'the control cavity');
        self::assertNotContainsEquals([0.0, 38.0], $hidden);
    }

    public function test_among_the_layers_it_is_the_same(): void
    {
        $hidden = self::spans(LayersView::draw(self::workings()), static fn (Point $point): float => $point->y);
        self::assertContainsEquals([0.0, 16.0], $hidden, 'the pocket');
        self::assertContainsEquals([0.0, 20.0], $hidden, 'the pickup');
        self::assertContainsEquals([6.45, self::BODY], $hidden, 'the control cavity');
    }

    /** What is deeper than the body is drawn through it, not out of it. */
    public function test_nothing_is_drawn_beyond_the_other_face(): void
    {
        $workings = self::workings(
            [
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '60', 'length' => '80', 'width' => '60', 'behind' => '40',
                        'across' => '-85',
                    ],
                ],
            ],
        );
        $top = $workings->bridge()->boardAboveTop()->value;
        foreach ([[SideView::draw($workings), $top], [LayersView::draw($workings), 0.0]] as [$view, $from]) {
            self::assertContainsEquals(
                [0.0, self::BODY],
                self::spans($view, static fn (Point $point): float => $point->y - $from),
            );
        }
    }

    /** @param  array<string, mixed>  $typed */
    private static function workings(array $typed = []): Workings
    {
        return Workings::from(SpecificationReader::read([
            'neckAngle' => '0', 'pocketDepth' => '16', 'layers' => [['timber' => 'red alder', 'thickness' => '44.45']],
            'pickups' => [['place' => 'bridge', 'kind' => 'humbucker', 'position' => '41.5', 'depth' => '20']],
            'cavities' => [
                [
                    'kind' => 'control', 'depth' => '38', 'length' => '80', 'width' => '60', 'behind' => '40',
                    'across' => '-85',
                ],
            ],
            ...$typed,
        ]));
    }

    /**
     * @param  callable(Point): float  $down
     * @return list<array{float, float}> from and to, down from the top, of what is let in
     */
    private static function spans(View $view, callable $down): array
    {
        $let = array_filter(
            $view->shapes,
            static fn (Shape $shape): bool => $shape->style === 'hidden' && count($shape->points) === 4,
        );

        return array_values(
            array_map(
                static fn (Shape $shape): array => [
                    round(min(array_map($down, $shape->points)), 6), round(max(array_map($down, $shape->points)), 6),
                ],
                $let,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\StarterPrices;
use Regimen\Drawing\Drawings;
use Regimen\Drawing\View;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Air\BoxAir;
use Regimen\Route\Air\Climate;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Strings\Gauge;
use Regimen\Strings\StringMass;

/** The box of a whole flat-top, against definitions and by another way (CALCULATIONS F2 to F4). */
final class BoxShapeTest extends TestCase
{
    /** @param  array<string, mixed>  $change */
    private static function workings(array $change = []): Workings
    {
        return Workings::from(SpecificationReader::read(['type' => 'flat-top', ...$change]));
    }

    public function test_its_air_is_the_sum_of_its_slices(): void
    {
        $w = self::workings();
        $box = $w->box();
        $along = $box->outline->along();
        $sum = 0.0;
        for ($x = $along->from + 0.25; $x < $along->to; $x += 0.5) {
            $sum += ($box->outline->acrossAt($x)?->length() ?? 0.0) * ($box->depthAt($x) - 2.8 - 2.6) * 0.5;
        }
        // The sides take their thickness round the outline.
        $sum -= $box->outline->perimeter() * 2.2 * (($box->depthAt($along->from) + $box->depthAt($along->to)) / 2 - 5.4);
        self::assertEqualsWithDelta($sum / 1e6, $box->air()->litres(), 0.06);
        self::assertSame([95.0, 115.0], [round($box->depthAt($along->from), 6), round($box->depthAt($along->to), 6)]);
    }

    public function test_a_neck_set_at_the_angle_that_is_worked_out_brings_the_saddle_where_it_is_wanted(): void
    {
        foreach (['9', '12', '15'] as $wanted) {
            $angle = self::workings(['saddleHeight' => $wanted])->box()->neckSet()->angle();
            // G16 goes the other way: from the angle to the saddle.
            self::assertEqualsWithDelta((float) $wanted, self::workings(['saddleHeight' => $wanted])->bridge()->overTop($angle)->value, 1e-9);
        }
    }

    public function test_every_pattern_keeps_within_every_outline_and_off_the_hole(): void
    {
        foreach (BodyOutline::cases() as $outline) {
            foreach (['crossed', 'ladder', 'fan'] as $pattern) {
                foreach (['right', 'left'] as $hand) {
                    $w = self::workings(['outline' => $outline === BodyOutline::Imported ? '' : $outline->value, 'bracing' => $pattern, 'hand' => $hand]);
                    self::assertGreaterThanOrEqual(4, count($w->box()->braces));
                    foreach ($w->box()->braces as $brace) {
                        self::assertTrue($w->box()->outline->contains($brace->from) && $w->box()->outline->contains($brace->to), "{$outline->value}, {$pattern}, {$brace->name}");
                        self::assertGreaterThan(50.0, $brace->distanceTo($w->box()->soundHole()), "{$outline->value}, {$pattern}, {$brace->name}");
                    }
                }
            }
        }
    }

    public function test_drawn_braces_lie_where_they_are_drawn(): void
    {
        $row = ['fromBehind' => '-100', 'fromAcross' => '-60', 'toBehind' => '40', 'toAcross' => '80', 'height' => '11'];
        [$right, $left] = [self::workings(['braces' => [$row]])->box()->braces[0], self::workings(['braces' => [$row], 'hand' => 'left'])->box()->braces[0]];
        self::assertEqualsWithDelta([547.7, -60.0, 687.7, 80.0, 11.0], [$right->from->x, $right->from->y, $right->to->x, $right->to->y, $right->height], 1e-9);
        self::assertEqualsWithDelta([$right->from->y, $right->to->y], [-$left->from->y, -$left->to->y], 1e-9);
        self::assertEqualsWithDelta(sqrt(140 ** 2 + 140 ** 2), $right->length(), 1e-9);
    }

    /** What was written when a box was a layer under its top means the same as before. */
    public function test_a_box_that_was_a_layer_keeps_its_timber_and_depth(): void
    {
        $s = self::workings(['layers' => [['timber' => 'Sitka spruce', 'thickness' => '2.8'], ['timber' => 'black walnut', 'thickness' => '98']]])->specification;
        self::assertSame(['black walnut', 'black walnut', 100.8], [$s->box->backTimber->name, $s->box->sideTimber->name, $s->bodyThickness()->mm]);
        self::assertSame('six-string, flat-top, Sitka spruce and black walnut', $s->inOneLine());
    }

    public function test_nylon_asks_for_another_board_bracing_and_set(): void
    {
        $w = self::workings(['stringMaterial' => 'nylon']);
        self::assertSame([52.0, 'fan', 58.0, 'six-string nylon, flat-top, Sitka spruce and Indian rosewood'], [$w->specification->board->nutWidth->mm, $w->specification->box->bracing->value, $w->specification->stringing->bridgeSpread->mm, $w->specification->inOneLine()]);
        // About 38 kgf for a set of usual tension (memory); each within the usual 5 to 8 kgf.
        self::assertEqualsWithDelta(380.0, $w->pull()->total(), 40.0);
        foreach ($w->pull()->each as $pull) {
            self::assertTrue($pull > 5 * 9.80665 && $pull < 8 * 9.80665);
        }
        self::assertEqualsWithDelta(1000 * M_PI * 0.0007112 ** 2 / 4, StringMass::nylon(Gauge::parse('28')), 1e-9);
        self::assertGreaterThan(StringMass::nylon(Gauge::parse('40')), StringMass::nylon(Gauge::parse('35w')), 'copper is heavier');
    }

    public function test_kit_figures_and_views_are_those_of_a_box(): void
    {
        $w = self::workings(['bodyBinding' => '1.5', 'purfling' => '1.5']);
        $kit = [];
        foreach (Kit::for($w->specification, StarterPrices::in('EUR'))->lines as $line) {
            $kit[$line->name] = $line->quantity;
        }
        foreach (['Sitka spruce for the top', 'Indian rosewood for the back', 'Indian rosewood for the sides', 'Sitka spruce for the braces', 'sugar maple for the bridge plate', 'linings and blocks', 'rosette', 'bridge blank, saddle and pins', 'set of guitar strings'] as $name) {
            self::assertArrayHasKey($name, $kit);
        }
        self::assertArrayNotHasKey('bridge', $kit);
        // Bindings run along both plates, purfling along the top: three times round, and a tenth for the joints.
        self::assertEqualsWithDelta(3 * 1.1 * $w->body()->outline->perimeter() / 1000, $kit['binding'], 0.1);
        self::assertSame(['front', 'side', 'sections', 'top', 'box', 'head', 'board'], array_map(static fn (View $view): string => $view->key, Drawings::views($w)));
        self::assertArrayHasKey('top', Drawings::templates($w));
        $keys = array_map(static fn ($figure): string => $figure->key, FigureBook::figures($w));
        self::assertSame([], array_diff(['boxVolume', 'boxResonance', 'neckSet', 'neckPerDegree', 'stiffness.top', 'saddleSlant', 'bridgeFront'], $keys));
        // What is not known is not told as a figure.
        self::assertNotContains('stiffness.back', $keys);
    }

    public function test_plates_are_glued_in_air_between_forty_and_fifty(): void
    {
        $air = new BoxAir;
        self::assertNull($air->against(new Climate(20.0, 40.0)));
        self::assertNull($air->against(new Climate(20.0, 50.0)));
        self::assertStringContainsString('too dry', (string) $air->against(new Climate(20.0, 39.0)));
        self::assertStringContainsString('too damp', (string) $air->against(new Climate(20.0, 51.0)));
        self::assertNull((new BoxAir(12.0))->against(new Climate(20.0, 35.0)), 'the house has told it otherwise');
        self::assertSame([true, true, true, false, false], array_map(BoxOperation::waitsForAir(...), ['body.brace-top', 'body.close-back', 'body.close-top', 'body.bend', 'body.sand']));
    }
}

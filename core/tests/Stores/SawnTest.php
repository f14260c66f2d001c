<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\Shape;
use Regimen\Instrument\Shape\InstrumentMass;
use Regimen\Stores\Blank;
use Regimen\Stores\BlankKind;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\MarkedView;
use Regimen\Stores\Cutting\Sawn;
use Regimen\Stores\Cutting\Wanted;
use Regimen\Tests\Specifications;
use Regimen\Timber\LotDensity;
use Regimen\Timber\Lots;
use Regimen\Units\Money;

/** What a board has become (I7), and what its lot weighs in the instrument (I4). */
final class SawnTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $said
     * @return array<string, Blank> of an instrument, by kind
     */
    private static function blanks(array $said = []): array
    {
        $blanks = [];
        foreach (Blank::of(Specifications::workings($said)) as $one) {
            $blanks[$one->kind->value] = $one;
        }

        return $blanks;
    }

    /** I7: cost by volume, sums to the minor unit; a face of 1,000 × 200 has 500 × 100 in the piece and the rest in offcuts and dust. */
    public function test_the_cost_of_a_board_is_shared_by_volume_to_the_cent(): void
    {
        $body = self::blanks()[BlankKind::Body->value];
        $marked = Marked::of(new Face(7, 1050.0, 200.0), [new Laid(0, 7, new Area(25.0, 0.0, 500.0, 100.0)), new Laid(0, 7, new Area(527.5, 0.0, 497.5, 100.0))], [new Wanted(0, 500.0, 100.0, 2)], ['the body']);
        foreach ([9_999, 1, 100_003] as $minor) {
            $sawn = Sawn::of($marked, [$body], 52.0, Money::ofMinor($minor, 'EUR'));
            [$many, $cost] = $sawn->pieces[0];
            $this->assertSame([2, $minor], [$many, $cost->minor + array_sum(array_map(static fn (array $one): int => $one[2]->minor, $sawn->offcuts))]);
        }
        // 99,750 mm² of pieces against 1,000 × 97.5 mm of offcut, both of the whole thickness.
        $this->assertEqualsWithDelta(99_750 / 197_250, Sawn::of($marked, [$body], 52.0, Money::ofMinor(1_000_000, 'EUR'))->pieces[0][1]->minor / 1_000_000, 1e-6);
        $this->expectExceptionMessage('not sound');
        Sawn::of(Marked::of(new Face(7, 1050.0, 200.0), [new Laid(0, 7, new Area(0.0, 0.0, 500.0, 100.0))], [new Wanted(0, 500.0, 100.0)], []), [$body], 52.0, Money::ofMinor(1, 'EUR'));
    }

    /** I2: a pair of 9 mm out of 52: 52 − 6 + 2.5 − 2 · (9 + 1 + 2.5) = 23.5 mm are left as a slab, which keeps its share. */
    public function test_what_is_resawn_leaves_a_slab_that_is_kept(): void
    {
        $top = Blank::of(Specifications::workings(['layers' => [['timber' => 'bigleaf maple', 'thickness' => '9 mm'], ['timber' => 'true mahogany', 'thickness' => '36 mm']]]))[0];
        $this->assertSame([BlankKind::Top, true, 'top.0'], [$top->kind, $top->isSliced, $top->key()]);
        $this->assertEqualsWithDelta(23.5, $top->leavesOf(52.0), 1e-9);
        $this->assertSame(0.0, $top->leavesOf(32.0), 'less than 5 mm is not kept');
        $marked = Marked::of(new Face(7, 1000.0, 200.0), [new Laid(0, 7, new Area(25.0, 0.0, 550.0, 180.0))], [new Wanted(0, 550.0, 180.0)], []);
        $sawn = Sawn::of($marked, [$top], 52.0, Money::ofMinor(10_000, 'EUR'));
        $this->assertSame(2, $sawn->pieces[0][0], 'neighbouring slices of one place');
        $slab = array_values(array_filter($sawn->offcuts, static fn (array $one): bool => $one[1] < 52.0));
        $this->assertEqualsWithDelta([550.0, 180.0, 23.5], [$slab[0][0]->length, $slab[0][0]->width, $slab[0][1]], 1e-9);
        $this->assertEqualsWithDelta(28.5 / 23.5, $sawn->pieces[0][1]->minor / $slab[0][2]->minor, 0.001, 'what is taken of the thickness against what is left of it');
    }

    public function test_a_body_of_one_piece_is_sawn_out_along_its_line_and_halves_are_boxes(): void
    {
        $one = self::blanks(['bodyPieces' => '1'])[BlankKind::Body->value];
        $outline = $one->outline();
        $this->assertNotNull($outline);
        $this->assertEqualsWithDelta([$one->length, $one->width], [$outline->length, $outline->width], 0.1);
        $this->assertLessThan($one->length * $one->width, $outline->area);
        $this->assertNull(self::blanks(['bodyPieces' => '2'])[BlankKind::Body->value]->outline());
        $this->assertTrue($outline->clears(new Area(0.0, 0.0, 5.0, 5.0)), 'a corner of its box is free');
        $this->assertFalse($outline->clears(new Area($outline->length / 2, $outline->width / 2, 1.0, 1.0)));
    }

    /** The same dry timber: 700 kg/m³ at 12 % are 700 / 1.12 · 1.08 = 675 at 8 %. */
    public function test_a_lot_as_it_was_weighed_stands_for_its_species(): void
    {
        $lot = new LotDensity('board 7', 'red alder', 700.0, 12.0);
        $this->assertEqualsWithDelta(675.0, $lot->at(8.0), 1e-9);
        $this->assertSame(700.0, (new LotDensity('board 7', 'red alder', 700.0, null))->at(8.0));
        $s = Specifications::sixString();
        $mean = InstrumentMass::from($s, 8.0);
        $body = $s->bodywork->layers[0]->timber;
        $heavy = InstrumentMass::from($s, 8.0, new Lots(['layer.0' => new LotDensity('board 7', $body->name, 2 * $body->density(8.0), 8.0)]));
        $ofBody = array_sum(array_map(static fn ($part): float => str_contains($part->name, $body->name) || $part->grams < 0 ? $part->grams : 0.0, $mean->parts));
        $this->assertEqualsWithDelta($mean->total() + $ofBody, $heavy->total(), 1e-6, 'twice the density, twice the mass of the body');
        $other = InstrumentMass::from($s, 8.0, new Lots(['layer.0' => new LotDensity('board 7', 'African ebony', 1200.0, 8.0)]));
        $this->assertSame($mean->total(), $other->total(), 'a lot of another timber than is specified counts for nothing');
    }

    public function test_a_marked_board_is_drawn_to_scale_and_no_word_stands_on_another(): void
    {
        $face = new Face(7, 2000.0, 120.0);
        $wanted = [new Wanted(0, 600.0, 60.0), new Wanted(1, 600.0, 55.0), new Wanted(2, 300.0, 60.0)];
        $laid = [new Laid(0, 7, new Area(25.0, 0.0, 600.0, 60.0)), new Laid(1, 7, new Area(25.0, 62.5, 600.0, 55.0)), new Laid(2, 7, new Area(627.5, 0.0, 300.0, 60.0))];
        $marked = Marked::of($face, $laid, $wanted, []);
        foreach ([1, 20] as $scale) {
            $view = MarkedView::draw($marked, $wanted, ['39 neck', '41 neck', '38 neck'], 'board 7', $scale);
            $this->assertEqualsWithDelta(2000 / $scale, $view->shapes[0]->points[2]->x, 1e-9);
            $words = array_values(array_filter($view->shapes, static fn (Shape $one): bool => $one->kind === Shape::WORDS));
            $this->assertCount(3 + count($marked->cuts), $words);
            foreach ($words as $at => $one) {
                foreach (array_slice($words, $at + 1) as $two) {
                    $apart = abs($one->points[0]->x - $two->points[0]->x) - (mb_strlen($one->words) + mb_strlen($two->words)) * $one->size * 0.31;
                    $this->assertTrue($apart > 0 || abs($one->points[0]->y - $two->points[0]->y) >= $one->size, "{$one->words} and {$two->words} at 1:{$scale}");
                }
            }
        }
        $this->assertCount(count($marked->cuts), MarkedView::order($marked, []));
        $this->assertStringContainsString('mm from the', MarkedView::order($marked, [])[0]);
    }
}

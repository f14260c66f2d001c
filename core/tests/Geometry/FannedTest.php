<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\Shape;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Pull;
use Regimen\Figures\Workings;
use Regimen\Formats\Tables;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Tests\Specifications;

/** A whole instrument whose sides have scales of their own, against the definitions of CALCULATIONS F1 and G1. */
final class FannedTest extends TestCase
{
    private const EIGHT = ['type' => 'guitar', 'strings' => '8', 'scale' => '27"', 'scaleTreble' => '25 1/2"', 'squareFret' => '8', 'nutWidth' => '54', 'frets' => '24'];

    private static function workings(array $change = []): Workings
    {
        return Workings::from(SpecificationReader::read([...self::EIGHT, ...$change]));
    }

    public function test_each_outer_string_has_its_own_fret_table(): void
    {
        $w = self::workings();
        foreach ([[0, 647.7], [7, 685.8]] as [$string, $scale]) {
            self::assertEqualsWithDelta($scale, $w->spread()->scaleOf($string), 1e-9);
            foreach ([1, 5, 12, 24] as $fret) {
                self::assertEqualsWithDelta($scale * (1 - 2 ** (-$fret / 12)), $w->lines()->fromNut($string, $fret), 1e-9, "string {$string}, fret {$fret}");
            }
        }
        // Between them the scales grow from string to string, and a string in tune at the twelfth is half as long there.
        for ($string = 1; $string < 8; $string++) {
            self::assertGreaterThan($w->spread()->scaleOf($string - 1), $w->spread()->scaleOf($string));
            self::assertEqualsWithDelta($w->spread()->scaleOf($string) / 2, $w->lines()->fromNut($string, 12), 1e-9);
        }
    }

    public function test_frets_are_straight_and_meet_every_string_where_it_sounds_right(): void
    {
        $w = self::workings();
        foreach ([0, 3, 8, 12, 24] as $fret) {
            [$from, $to] = $w->lines()->at($fret);
            for ($string = 0; $string < 8; $string++) {
                $x = $w->spread()->nutAlong[$string] + $w->lines()->fromNut($string, $fret);
                $y = $w->spread()->at($string, $x);
                $drawn = $from->x + ($to->x - $from->x) * ($y - $from->y) / ($to->y - $from->y);
                // Strings that do not keep their share of the width from nut to bridge miss it by less than a hair.
                self::assertEqualsWithDelta($x, $drawn, in_array($string, [0, 7], true) ? 1e-9 : 0.25, "fret {$fret}, string {$string}");
            }
        }
    }

    public function test_the_square_fret_is_square_and_the_others_turn_about_it(): void
    {
        foreach ([0, 7, 12] as $square) {
            $lines = self::workings(['squareFret' => (string) $square])->lines();
            self::assertEqualsWithDelta(0.0, $lines->angle($square), 1e-9);
            self::assertLessThanOrEqual(1e-9, $lines->angle(0));
            self::assertGreaterThan(0.0, $lines->angle(24));
            self::assertGreaterThan($lines->angle(24), $lines->bridgeAngle());
        }
        // By hand: at the nut the bass string's is 38.1 · (1 − 2^(−8/12)) = 14.098 mm behind the treble's, over the spread of 48 − half the gauges of .010 and .074.
        self::assertEqualsWithDelta(-rad2deg(atan(38.1 * (1 - 2 ** (-8 / 12)) / (48.0 - (0.254 + 1.8796) / 2))), self::workings()->lines()->angle(0), 0.02);
    }

    public function test_a_left_handed_one_is_its_mirror_image(): void
    {
        [$right, $left] = [self::workings()->lines(), self::workings(['hand' => 'left'])->lines()];
        foreach ([0, 8, 24] as $fret) {
            [[$a, $b], [$c, $d]] = [$right->at($fret), $left->at($fret)];
            self::assertEqualsWithDelta([$a->x, $a->y], [$d->x, -$d->y], 1e-9);
            self::assertEqualsWithDelta([$b->x, $b->y], [$c->x, -$c->y], 1e-9);
            self::assertEqualsWithDelta($right->angle($fret), $left->angle($fret), 1e-9);
        }
    }

    public function test_each_string_pulls_by_its_own_scale(): void
    {
        $fanned = self::workings()->pull()->each;
        $long = self::workings(['scaleTreble' => ''])->pull()->each;
        $short = self::workings(['scaleTreble' => '', 'scale' => '25 1/2"'])->pull()->each;
        self::assertEqualsWithDelta($short[0], $fanned[0], 1e-9);
        self::assertEqualsWithDelta($long[7], $fanned[7], 1e-9);
        self::assertEqualsWithDelta(Pull::tension(self::workings()->strings()[3]->mass / 1000, self::workings()->spread()->scaleOf(3) / 1000, 146.8324), $fanned[3], 0.01);
    }

    public function test_one_scale_said_twice_is_one_scale(): void
    {
        $one = Specifications::workings();
        $twice = Specifications::workings(['scaleTreble' => '25 1/2"']);
        self::assertNull($twice->specification->fan());
        $figures = static fn (Workings $w): array => array_map(static fn ($figure): array => [$figure->key, $figure->shown()], FigureBook::figures($w));
        self::assertSame($figures($one), $figures($twice));
        self::assertSame('six-string, solid, red alder', $twice->specification->inOneLine());
        self::assertCount(7, Tables::frets($twice)[0]);
    }

    public function test_table_figures_and_template_say_where_frets_lie_on_both_sides(): void
    {
        $w = self::workings();
        [$heads, $rows] = Tables::frets($w);
        self::assertSame(['treble string, from the nut, mm', 'bass string, from the nut, mm', 'out of square, °'], array_slice($heads, -3));
        self::assertSame(['323.85', '342.90'], array_slice($rows[11], 7, 2));
        self::assertSame('0.00', $rows[7][9]);
        $figures = [];
        foreach (FigureBook::figures($w) as $figure) {
            $figures[$figure->key] = $figure->value;
        }
        self::assertEqualsWithDelta([323.85, 342.9, 666.75], [$figures['fretTreble.12'], $figures['fretBass.12'], $figures['middleScale']], 1e-9);
        $slots = array_values(array_filter(BoardView::draw($w)->template()->shapes, static fn (Shape $shape): bool => $shape->layer === 'slots'));
        self::assertCount(24, $slots);
        self::assertEqualsWithDelta($slots[7]->points[0]->x, $slots[7]->points[1]->x, 1e-9);
        self::assertNotEqualsWithDelta($slots[0]->points[0]->x, $slots[0]->points[1]->x, 1.0);
        self::assertSame('multi-scale eight-string, solid, red alder', $w->specification->inOneLine());
    }

    public function test_what_cannot_be_fanned_is_refused_with_the_reason(): void
    {
        $problem = static fn (array $change, string $field): string => SpecificationReader::read([...self::EIGHT, ...$change])->problems[$field] ?? '';
        self::assertStringContainsString('wrong way round', $problem(['scale' => '25"', 'scaleTreble' => '27"'], 'scaleTreble'));
        self::assertStringContainsString('beyond a board with 24', $problem(['squareFret' => '30'], 'squareFret'));
        self::assertStringContainsString('no guitar scale', $problem(['scaleTreble' => '420'], 'scaleTreble'));
    }
}

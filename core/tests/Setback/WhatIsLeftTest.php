<?php

declare(strict_types=1);

namespace Regimen\Tests\Setback;

use PHPUnit\Framework\TestCase;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Rates;
use Regimen\Setback\Salvage;
use Regimen\Setback\WhatIsLeft;
use Regimen\Tests\Specifications;

/** What is left of a spoiled board, and how often such a thing happens. */
final class WhatIsLeftTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $specification
     * @param  list<string>  $done
     * @return array<string, WhatIsLeft>
     */
    private static function left(int $fret, array $specification = [], array $done = []): array
    {
        $left = [];
        foreach (WhatIsLeft::ofBoard(Specifications::workings($specification), $fret, $done) as $one) {
            $left[$one->key] = $one;
        }

        return $left;
    }

    public function test_spoiled_near_its_end_a_board_serves_fewer_frets(): void
    {
        $this->assertSame(['frets' => '20'], self::left(21)['fewer']->changes);
        $this->assertSame('', self::left(21)['fewer']->cannot);
        $this->assertStringContainsString('the body begins at fret 16', self::left(15)['fewer']->cannot);
        $this->assertArrayNotHasKey('fewer', self::left(9), 'twelve frets there are at the least');
    }

    public function test_spoiled_near_the_nut_it_serves_a_shorter_scale(): void
    {
        // By the definition of twelve equal semitones: from the second fret on L · 2^(−2/12); 25 1/2 in is 647.7 mm.
        $shorter = self::left(1)['shorter'];
        $this->assertSame(['scale' => '577.04', 'frets' => '20', 'joinFret' => '14'], $shorter->changes);
        $this->assertSame(577.04, round(647.7 * 2 ** (-2 / 12), 2));
        // A fret keeps its place: fret 12 of the long scale lies where fret 10 of the short one does.
        $this->assertEqualsWithDelta(647.7 * (1 - 2 ** (-12 / 12)) - 647.7 * (1 - 2 ** (-2 / 12)), 577.04 * (1 - 2 ** (-10 / 12)), 0.01);
        $this->assertArrayNotHasKey('shorter', self::left(9), 'a scale of 364 mm is none');
    }

    public function test_a_shorter_scale_comes_too_late_when_the_neck_or_the_body_is_cut(): void
    {
        $this->assertSame('', self::left(1)['shorter']->cannot);
        $this->assertStringContainsString('glued to its neck', self::left(1, done: ['fretboard.glue'])['shorter']->cannot);
        $this->assertStringContainsString('the neck is cut', self::left(1, done: ['neck.outline'])['shorter']->cannot);
        $this->assertStringContainsString('the body is cut', self::left(1, done: ['joint.bridge'])['shorter']->cannot);
    }

    public function test_a_spoiled_board_becomes_a_veneer_where_enough_is_left_under_its_slots(): void
    {
        $said = implode(' ', Salvage::of(PieceKind::Fretboard, Specifications::workings(), 15, true));
        $this->assertStringContainsString('good to fret 14', $said);
        $this->assertStringContainsString('Planed to', $said);
        $this->assertStringContainsString('veneer', $said);
        $thin = Salvage::of(PieceKind::Fretboard, Specifications::workings(['boardThickness' => '4', 'slotDepth' => '3']), null, true);
        $this->assertSame([], $thin, 'under a millimetre nothing is made of it');
        foreach ([PieceKind::Neck, PieceKind::Body] as $kind) {
            $this->assertStringContainsString(' mm.', Salvage::of($kind, Specifications::workings(), null, false)[0]);
        }
    }

    public function test_a_rate_lies_between_what_was_seen_and_the_mean_of_the_house(): void
    {
        // The mean of a beta distribution whose prior weighs as much as twelve times: (3 + 12 · 0.02) / (30 + 12).
        $house = Rates::ofHouse(20, 1000);
        $this->assertEqualsWithDelta((3 + 0.24) / 42, $house->chance(3, 30), 1e-12);
        $this->assertEqualsWithDelta(0.02, $house->chance(0, 0), 1e-12, 'of what was never done the mean is known');
        $this->assertLessThan(1 / 1, $house->chance(1, 1));
        $this->assertEqualsWithDelta($house->chance(3, 30) * 60, $house->minutesEachTime(3, 30, 180), 1e-9);
        $this->assertSame([0.0, 0.0], [Rates::ofHouse(0, 0)->chance(0, 0), $house->minutesEachTime(0, 30, 0)]);
        $this->assertLessThanOrEqual(1.0, Rates::ofHouse(5, 1)->chance(9, 2));
    }
}

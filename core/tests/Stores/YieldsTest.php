<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use PHPUnit\Framework\TestCase;
use Regimen\Stores\Blank;
use Regimen\Stores\BlankKind;
use Regimen\Stores\Yields;
use Regimen\Tests\Specifications;
use Regimen\Timber\RoughBoard;
use Regimen\Units\Length;

/** What an instrument is cut from, and how often a board gives it (T5). */
final class YieldsTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $specification
     * @return list<Blank>
     */
    private static function blanks(array $specification, BlankKind $kind): array
    {
        return array_values(array_filter(Blank::of(Specifications::workings($specification)), static fn (Blank $one): bool => $one->kind === $kind));
    }

    private static function board(float $length, float $width, float $thickness): RoughBoard
    {
        return RoughBoard::of(Length::ofMillimetres($length), Length::ofMillimetres($width), Length::ofMillimetres($thickness));
    }

    public function test_an_instrument_is_cut_from_body_neck_and_board(): void
    {
        $kinds = array_map(static fn (Blank $one): string => $one->kind->value, Blank::of(Specifications::workings()));
        $this->assertSame(['body', 'neck', 'fretboard', 'cover'], $kinds);
        [$body] = self::blanks([], BlankKind::Body);
        $this->assertSame([2, 'red alder', 45.0], [$body->pieces, $body->timber->name, $body->thickness]);
        $this->assertEqualsWithDelta(335 / 2, $body->width, 0.01, 'two halves of an outline of 325 with 10 around it');
        $layered = Blank::of(Specifications::workings(['layers' => [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'black walnut', 'thickness' => '39']]]));
        $this->assertSame([BlankKind::Top, true, 2], [$layered[0]->kind, $layered[0]->isSliced, $layered[0]->pieces]);
        $this->assertGreaterThan(Specifications::workings()->lastFret(), self::blanks([], BlankKind::Neck)[0]->length);
        // The heel is 24 with a board of 6; sawn at 10° in one piece it takes length · sin 10° + 15 · cos 10°.
        $this->assertSame(18.0, self::blanks([], BlankKind::Neck)[0]->thickness);
        $sawn = self::blanks(['headConstruction' => 'one_piece', 'headLength' => '190'], BlankKind::Neck)[0];
        $this->assertEqualsWithDelta(190 * sin(deg2rad(10)) + 15 * cos(deg2rad(10)), $sawn->thickness, 1e-6);
    }

    public function test_rows_and_places_as_they_are_counted_by_hand(): void
    {
        [$body] = self::blanks([], BlankKind::Body);
        $long = $body->length;
        $wide = $body->width;
        $count = static fn (float $length, float $width, float $thickness = 51): int => Yields::of(self::board($length, $width, $thickness), 'red alder', $body)->times;
        // One place wide: two behind each other make one body; ends of 25 mm and a kerf of 2.5 between them.
        $this->assertSame(1, $count(2 * $long + 2.5 + 50, $wide));
        $this->assertSame(0, $count(2 * $long + 2.4 + 50, $wide));
        // Two places wide, one behind: one body.
        $this->assertSame([1, 0], [$count($long + 50, 2 * $wide + 2.5), $count($long + 50, 2 * $wide + 2.4)]);
        $this->assertSame([0, 2], [$count(4000, $wide, 50.9), $count(4 * $long + 7.5 + 50, $wide)], 'thinner than 45 and two planings');
    }

    public function test_a_top_is_two_neighbouring_slices(): void
    {
        $top = self::blanks(['layers' => [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'black walnut', 'thickness' => '39']]], BlankKind::Top)[0];
        $yields = static fn (float $thickness): int => Yields::of(self::board($top->length + 50, $top->width, $thickness), 'bigleaf maple', $top)->times;
        // 2·(6 + 1) + 2.5 + 6 = 22.5; four slices: 4·7 + 3·2.5 + 6 = 41.5.
        $this->assertSame([0, 1, 1, 2], [$yields(22.4), $yields(22.5), $yields(41.4), $yields(41.5)]);
    }

    public function test_it_says_why_not_and_what_it_would_give_across_the_grain(): void
    {
        [$board] = self::blanks([], BlankKind::Fretboard);
        $ebony = Yields::of(self::board(900, 200, 12.5), 'African ebony', $board);
        $this->assertStringContainsString('Indian rosewood is needed', $ebony->cannot);
        $this->assertStringContainsString('are needed rough', Yields::of(self::board(900, 200, 9), 'Indian rosewood', $board)->cannot);
        $this->assertStringContainsString('too small', Yields::of(self::board(400, 200, 13), 'Indian rosewood', $board)->cannot);
        $wide = Yields::of(self::board(700, 690, 13), 'Indian rosewood', $board);
        $this->assertGreaterThan(0, $wide->times);
        $this->assertGreaterThan(0, $wide->across);
        $this->assertTrue($wide->used > 0 && $wide->used < 1);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Readings\PlaceState;
use Regimen\Inspection\Readings\ReadingVerdict;
use Regimen\Inspection\Target;

/** A line of a gate with several places and several readings at each. */
final class LineStateTest extends TestCase
{
    public function test_a_line_is_judged_by_its_worst_reading_and_is_whole_when_every_place_was_read(): void
    {
        $gap = Target::atMost('pocket gap each side', 'feeler', 0.15)->at('bass', 'treble');
        $half = LineState::of($gap, ['bass' => [0.05, 0.1]]);
        self::assertFalse($half->isComplete);
        self::assertSame(ReadingVerdict::Inside, $half->verdict);
        self::assertFalse($half->passes());
        $whole = LineState::of($gap, ['bass' => [0.05, 0.1], 'treble' => [0.15]]);
        self::assertTrue($whole->passes());
        self::assertSame(ReadingVerdict::OnTheLine, $whole->verdict);
        $out = LineState::of($gap, ['bass' => [0.05, 0.3], 'treble' => [0.15]]);
        self::assertSame(ReadingVerdict::Outside, $out->verdict);
        self::assertFalse($out->passes());
        self::assertEqualsWithDelta(0.15, $out->places[0]->outsideBy, 1e-9);
        self::assertEqualsWithDelta(0.5 / 3, (float) $out->value(), 1e-9);
    }

    public function test_of_two_sides_the_difference_counts_once_both_were_read(): void
    {
        $centre = Target::atMost('centre line', 'centring rule', 0.25)->compared('pocket', 'far end');
        self::assertSame(['pocket, bass', 'pocket, treble', 'far end, bass', 'far end, treble'], $centre->places);
        $one = LineState::of($centre, ['pocket, bass' => [28.0]]);
        self::assertNull($one->verdict);
        self::assertNull($one->value());
        $both = LineState::of($centre, ['pocket, bass' => [28.0], 'pocket, treble' => [28.4], 'far end, bass' => [110.0], 'far end, treble' => [110.1]]);
        self::assertTrue($both->isComplete);
        self::assertSame([null, ReadingVerdict::Outside, null, ReadingVerdict::Inside], array_map(static fn (PlaceState $one): ?ReadingVerdict => $one->verdict, $both->places));
        self::assertEqualsWithDelta(0.4, (float) $both->value(), 1e-9);
        // By hand: 0.2 towards the treble at the pocket, 0.05 at the far end; 0.15 in 300 are 0.0286°.
        $line = LineState::of($centre->stationsApart(300.0), ['pocket, bass' => [28.0], 'pocket, treble' => [28.4], 'far end, bass' => [110.0], 'far end, treble' => [110.1]]);
        self::assertEqualsWithDelta([-0.2, -0.05], $line->centre()[0], 1e-9);
        self::assertEqualsWithDelta(0.0286, (float) $line->centre()[1], 1e-4);
        self::assertNull($both->centre()[1], 'nobody knows how far apart');
        $offset = Target::atMost('off the centre', 'caliper', 0.2)->offset('nut end');
        self::assertEqualsWithDelta(0.2, (float) LineState::of($offset, ['nut end, bass' => [28.0], 'nut end, treble' => [28.4]])->value(), 1e-9);
    }

    public function test_nothing_read_is_nothing_said(): void
    {
        $line = LineState::of(Target::recorded('weight', 'scale', 'g'), []);
        self::assertNull($line->verdict);
        self::assertNull($line->value());
        self::assertFalse($line->passes());
        self::assertTrue(LineState::of(Target::recorded('weight', 'scale', 'g'), ['' => [3460.0]])->passes());
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Readings\MeasuringTool;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Inspection\Readings\ReadingVerdict;
use Regimen\Inspection\Readings\UnlikelyReading;
use Regimen\Inspection\Target;

/** B1: what a reading says against its limits, and what is read of what was typed. */
final class ReadingsTest extends TestCase
{
    /** @return iterable<string, array{float, float|null, float|null, float, ReadingVerdict}> worked out by hand */
    public static function verdicts(): iterable
    {
        yield 'in the middle' => [16.0, 15.8, 16.2, 0.01, ReadingVerdict::Inside];
        yield 'at the limit' => [0.15, null, 0.15, 0.01, ReadingVerdict::OnTheLine];
        yield 'a step of the tool inside' => [0.14, null, 0.15, 0.01, ReadingVerdict::Inside];
        yield 'a step of the tool outside' => [0.16, null, 0.15, 0.01, ReadingVerdict::Outside];
        yield 'nearer than a long rule tells, outside' => [648.6, 647.5, 648.5, 0.25, ReadingVerdict::OnTheLine];
        yield 'nearer than a long rule tells, inside' => [647.6, 647.5, 648.5, 0.25, ReadingVerdict::OnTheLine];
        yield 'below' => [15.7, 15.8, 16.2, 0.01, ReadingVerdict::Outside];
        yield 'at least' => [3.4, 3.0, null, 0.01, ReadingVerdict::Inside];
        yield 'too little' => [2.9, 3.0, null, 0.01, ReadingVerdict::Outside];
    }

    #[DataProvider('verdicts')]
    public function test_a_reading_is_inside_outside_or_on_the_line(
        float $value, ?float $low, ?float $high, float $resolution, ReadingVerdict $verdict,
    ): void {
        self::assertSame($verdict, ReadingVerdict::of($value, $low, $high, $resolution));
    }

    public function test_a_set_is_judged_by_its_worst(): void
    {
        self::assertSame(ReadingVerdict::Outside, ReadingVerdict::worst([ReadingVerdict::Inside, ReadingVerdict::Outside, ReadingVerdict::OnTheLine]));
        self::assertSame(ReadingVerdict::OnTheLine, ReadingVerdict::worst([ReadingVerdict::Inside, ReadingVerdict::OnTheLine]));
        self::assertSame(ReadingVerdict::Inside, ReadingVerdict::worst([ReadingVerdict::Inside]));
        self::assertNull(ReadingVerdict::worst([]));
        self::assertFalse(ReadingVerdict::Outside->passes());
        self::assertTrue(ReadingVerdict::OnTheLine->passes());
    }

    /** @return iterable<string, array{string, float}> */
    public static function typed(): iterable
    {
        yield 'plain' => ['21.5', 21.5];
        yield 'decimal comma' => ['21,5', 21.5];
        yield 'with its unit' => ['21.50 mm', 21.5];
        yield 'as a caliper types it' => ["+0021.50\r\n", 21.5];
        yield 'with the code of a caliper' => ["\x02MM+0021.50\x03", 21.5];
        yield 'inches' => ['0.846 in', 21.4884];
        yield 'a fraction' => ['27/32"', 21.43125];
        yield 'below zero' => ['-0.05', -0.05];
    }

    #[DataProvider('typed')]
    public function test_a_length_is_read_as_it_is_typed(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, ReadingText::read($typed, self::neck()), 1e-9);
    }

    /** @return iterable<string, array{string, string, float}> unit, typed, value */
    public static function others(): iterable
    {
        yield 'cents' => ['cents', '-2', -2.0];
        yield 'cents with a sign' => ['cents', '+1.5 cents', 1.5];
        yield 'kiloohms' => ['kΩ', '7,2 kΩ', 7.2];
        yield 'ohms' => ['kΩ', '7180 Ω', 7.18];
        yield 'grams on a scale in kilograms' => ['kg', '3460 g', 3.46];
        yield 'moisture' => ['%', '8.4', 8.4];
    }

    #[DataProvider('others')]
    public function test_other_units_are_read_too(string $unit, string $typed, float $value): void
    {
        self::assertEqualsWithDelta($value, ReadingText::read($typed, Target::between('something', 'meter', -5, 9, $unit)), 1e-9);
    }

    public function test_what_is_only_looked_at_is_answered_with_yes_or_no(): void
    {
        $seen = Target::seen('the tap test', 'switch', 'neck alone');
        self::assertSame(ReadingVerdict::Inside, $seen->verdict(ReadingText::read('yes', $seen)));
        self::assertSame(ReadingVerdict::Outside, $seen->verdict(ReadingText::read('No', $seen)));
        $this->expectExceptionMessage('“perhaps” is no reading. Write it like yes or no.');
        ReadingText::read('perhaps', $seen);
    }

    /** @return iterable<string, array{string, string}> typed, and what is said */
    public static function nonsense(): iterable
    {
        yield 'an error of the tool' => ['Err 3', '“Err 3” is no reading'];
        yield 'dashes' => ['--.--', '“--.--” is no reading'];
        yield 'nothing' => ['', '“” is no reading'];
        yield 'control characters' => ["\x1b[2J\x07", 'is no reading'];
        yield 'broken text' => ["\xff\xfe2", 'is no reading'];
        yield 'very long' => [str_repeat('9', 500), 'is no reading'];
        yield 'another unit' => ['7.2 kΩ', '“7.2 kΩ” is in another unit: this is measured in mm.'];
        yield 'a weight' => ['340 g', 'in another unit'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_with_what_would_be_right(string $typed, string $said): void
    {
        $this->expectException(UnlikelyReading::class);
        $this->expectExceptionMessage($said);
        ReadingText::read($typed, self::neck());
    }

    /** @return iterable<string, array{float, Target, string}> value, target, what is proposed */
    public static function unlikely(): iterable
    {
        yield 'the point is missing' => [215.0, self::neck(), '21.5 mm'];
        yield 'two places' => [2150.0, self::neck(), '21.5 mm'];
        yield 'inches without a word' => [0.846, self::neck(), '21.49 mm'];
        yield 'something else' => [88.0, self::neck(), ''];
        yield 'a resistance in ohms' => [7200.0, Target::resistance('pickup', 'meter', 7.2, 10), ''];
        yield 'a gap of a finger' => [15.0, Target::atMost('gap', 'feeler', 0.15), '0.15 mm'];
    }

    #[DataProvider('unlikely')]
    public function test_a_reading_that_cannot_be_is_asked_about(float $value, Target $target, string $meant): void
    {
        try {
            ReadingText::mustBeLikely($value, $target);
            self::fail("{$value} was taken");
        } catch (UnlikelyReading $asked) {
            self::assertSame($meant, $asked->meant, $asked->getMessage());
            self::assertTrue($asked->canBe);
        }
    }

    public function test_what_is_only_out_of_tolerance_is_a_reading(): void
    {
        foreach ([20.1, 21.5, 24.0, 17.0] as $mm) {
            ReadingText::mustBeLikely($mm, self::neck());
        }
        ReadingText::mustBeLikely(0.4, Target::atMost('gap', 'feeler', 0.15));
        ReadingText::mustBeLikely(-6.0, Target::between('intonation', 'tuner', -2, 2, 'cents'));
        ReadingText::mustBeLikely(12.0, Target::atLeast('timber left', 'caliper', 3));
        self::assertSame(ReadingVerdict::Outside, self::neck()->verdict(24.0));
        self::assertEqualsWithDelta(2.2, self::neck()->outsideBy(24.0), 1e-9);
        self::assertSame(0.0, self::neck()->outsideBy(21.6));
    }

    public function test_tools_are_known_by_what_they_are_called(): void
    {
        self::assertSame(MeasuringTool::Caliper, MeasuringTool::in('caliper from both edges'));
        self::assertSame(MeasuringTool::StraightEdge, MeasuringTool::in('straight edge, feeler'));
        self::assertSame(MeasuringTool::LongRule, MeasuringTool::in('long rule'));
        self::assertSame(MeasuringTool::CentringRule, MeasuringTool::in('centring rule, straight edges'));
        self::assertSame(MeasuringTool::MoistureMeter, MeasuringTool::in('moisture meter'));
        self::assertSame(MeasuringTool::Eye, MeasuringTool::in('winding sticks'));
    }

    private static function neck(): Target
    {
        return Target::around('thickness at the first', 'caliper', 21.5, 0.3);
    }
}

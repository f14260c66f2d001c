<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;

final class DurationTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function typed(): iterable
    {
        yield 'bare hours' => ['1.5', 90];
        yield 'decimal comma' => ['1,5 h', 90];
        yield 'clock' => ['1:30', 90];
        yield 'words' => ['1 h 30', 90];
        yield 'short' => ['1h30m', 90];
        yield 'minutes' => ['90 min', 90];
        yield 'days' => ['3 d', 4320];
        yield 'half' => ['1/2 h', 30];
        yield 'mixed' => ['1 1/2', 90];
        yield 'vulgar' => ['1½', 90];
    }

    #[DataProvider('typed')]
    public function test_it_reads_what_makers_type(string $typed, int $minutes): void
    {
        self::assertSame($minutes, Duration::parse($typed)->minutes);
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        yield 'empty' => [''];
        yield 'negative' => ['-1'];
        yield 'words' => ['soon'];
        yield 'seventy minutes past' => ['1:70'];
        yield 'a century' => ['40000 d'];
    }

    #[DataProvider('refused')]
    public function test_it_refuses(string $typed): void
    {
        $this->expectException(InvalidQuantity::class);
        Duration::parse($typed);
    }

    public function test_hours_and_minutes_are_printed_each_where_there_are_any_and_days_only_by_the_clock(): void
    {
        self::assertSame(
            ['0 min', '59 min', '1 h', '1 h 1 min', '24 h', '75 h'],
            array_map(
                static fn (int $minutes): string => (string) Duration::ofMinutes($minutes),
                [0, 59, 60, 61, 1_440, 4_500],
            ),
        );
        self::assertSame(
            ['47 h 59 min', '2 d', '2 d 1 h', '3 d 12 h 30 min'],
            array_map(
                static fn (int $minutes): string => Duration::ofMinutes($minutes)->byTheClock(),
                [2_879, 2_880, 2_940, 5_070],
            ),
        );
    }

    public function test_less_than_nothing_is_said_to_be_that(): void
    {
        $this->expectExceptionMessage('-1:30');
        $this->expectExceptionMessageMatches('/negative|less than|below/');
        Duration::parse('-1:30');
    }

    public function test_printing_and_parsing_round_trip(): void
    {
        for ($minutes = 0; $minutes < 9000; $minutes += 7) {
            self::assertSame($minutes, Duration::parse((string) Duration::ofMinutes($minutes))->minutes);
        }
    }
}

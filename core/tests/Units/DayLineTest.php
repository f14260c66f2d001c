<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Units\DayLine;
use Regimen\Units\InvalidQuantity;

/** A day in one line. */
final class DayLineTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{int|null, string}>}> */
    public static function lines(): iterable
    {
        yield 'hours of a build and the rest' => ['1.5 h 38 carve, rest errands', [[90, '38 carve'], [null, 'errands']]];
        yield 'minutes' => ['40 min customer; 0:20 telephone', [[40, 'customer'], [20, 'telephone']]];
        yield 'a bare number is hours' => ['2 41 radius the board', [[120, '41 radius the board']]];
        yield 'decimal comma, and the word and' => ['1,5 h 38 carve and the rest lesson', [[90, '38 carve'], [null, 'lesson']]];
        yield 'words that hold a hyphen' => ['30 minutes tidy-up', [[30, 'tidy-up']]];
    }

    /** @param  list<array{int|null, string}>  $read */
    #[DataProvider('lines')]
    public function test_it_is_read_as_it_is_said(string $typed, array $read): void
    {
        self::assertSame($read, array_map(static fn (array $one): array => [$one[0]?->minutes, $one[1]], DayLine::read($typed)));
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        yield [''];
        yield ['carve'];
        yield ['1.5 h'];
        yield ['rest'];
        yield ['rest errands, rest lesson'];
        yield ['-2 h carve'];
        yield ["\xff 2 h carve"];
    }

    #[DataProvider('nonsense')]
    public function test_what_cannot_be_read_is_refused(string $typed): void
    {
        $this->expectException(InvalidQuantity::class);
        DayLine::read($typed);
    }
}

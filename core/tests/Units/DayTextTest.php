<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;

final class DayTextTest extends TestCase
{
    private static function today(): DateTimeImmutable
    {
        return new DateTimeImmutable('2026-03-18 00:00 UTC');
    }

    /** @return iterable<string, array{string, string}> */
    public static function said(): iterable
    {
        foreach ([
            '20 Mar' => '2026-03-20', '20 march 2027' => '2027-03-20', '20th of March' => '2026-03-20',
            'Mar 20, 2026' => '2026-03-20', 'March 20' => '2026-03-20', 'Fri 20 Mar' => '2026-03-20',
            'Fri 20 Mar 2026' => '2026-03-20', '17 Mar' => '2027-03-17', '18 Mar' => '2026-03-18', '1 Jan' => '2027-01-01',
            '20.3.' => '2026-03-20', 'thurs' => '2026-03-19', '20.3.26' => '2026-03-20', '20. 3. 2026' => '2026-03-20',
            '2026-03-20' => '2026-03-20', '2026-3-2' => '2026-03-02', '20/3/2026' => '2026-03-20', '3/20/2026' => '2026-03-20',
            '4/4' => '2026-04-04', 'end of March' => '2026-03-31', 'end of Feb' => '2027-02-28', 'end of Feb 2028' => '2028-02-29',
            ' TOMORROW ' => '2026-03-19', 'in 3 weeks' => '2026-04-08', '10 days' => '2026-03-28', 'in a month' => '2026-04-18',
            'next week' => '2026-03-23', '３ weeks' => '2026-04-08', '2 sept' => '2026-09-02',
        ] as $typed => $day) {
            yield $typed => [$typed, $day];
        }
        // The reference is PHP's own reading of relative dates.
        foreach (['today', 'tomorrow', 'yesterday', 'Mon', 'tuesday', 'next wed', 'thu', 'next fri', 'next Sunday'] as $typed) {
            yield "{$typed}, as PHP reads it" => [$typed, self::today()->modify($typed)->format('Y-m-d')];
        }
    }

    #[DataProvider('said')]
    public function test_a_day_is_read_as_it_is_said(string $typed, string $day): void
    {
        self::assertSame($day, DayText::parse($typed, self::today())->format('Y-m-d'));
    }

    public function test_what_was_lies_before_today(): void
    {
        foreach ([
            '17 Mar' => '2026-03-17', '20 Mar' => '2025-03-20', 'Fri' => '2026-03-13', 'Wed' => '2026-03-18',
            '3 days ago' => '2026-03-15', 'end of Feb' => '2026-02-28',
        ] as $typed => $day) {
            self::assertSame($day, DayText::parse($typed, self::today(), past: true)->format('Y-m-d'), $typed);
        }
        self::assertSame('2028-02-29', DayText::parse('29 Feb', new DateTimeImmutable('2027-03-01'))->format('Y-m-d'));
        self::assertSame('2026-02-28', DayText::parse('in a month', new DateTimeImmutable('2026-01-31'))->format('Y-m-d'));
        self::assertSame('2026-04-03', DayText::parse('3/4/2026', self::today(), dayFirst: true)->format('Y-m-d'));
        self::assertSame('2026-03-04', DayText::parse('3/4/2026', self::today(), dayFirst: false)->format('Y-m-d'));
    }

    public function test_what_can_be_read_in_two_ways_or_is_no_day_is_refused_with_what_would_be_right(): void
    {
        foreach ([
            '3/4/2026' => '3 Apr or 4 Mar', '' => 'next Fri', '30 Feb' => '“30 Feb” is no day of the calendar', '31.4.' => 'no day of the calendar', 'soon' => 'in 3 weeks', '2026-13-01' => '20 Mar',
            '99 Mar' => '20 Mar', '20' => '20 Mar', "\u{00B2}0 Mar" => '', "\xFF" => '',
        ] as $typed => $right) {
            try {
                $day = DayText::parse((string) $typed, self::today());
                self::fail("“{$typed}” was read as {$day->format('Y-m-d')}.");
            } catch (InvalidQuantity $refused) {
                self::assertStringContainsString($right, $refused->getMessage());
            }
        }
    }
}

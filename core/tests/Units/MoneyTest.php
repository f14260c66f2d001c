<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;

final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> */
    public static function typed(): iterable
    {
        yield 'whole' => ['1250', 'EUR', 125_000];
        yield 'English' => ['1,250.50', 'EUR', 125_050];
        yield 'continental' => ['1.250,50', 'EUR', 125_050];
        yield 'spaces and sign' => ['€ 1 250.5', 'EUR', 125_050];
        yield 'code' => ['1250 EUR', 'EUR', 125_000];
        yield 'three digits group' => ['1.250', 'EUR', 125_000];
        yield 'no minor unit' => ['1250', 'JPY', 1250];
        yield 'dollars that are not those of the United States' => ['$12', 'CAD', 1_200];
        yield 'pounds' => ['£ 3.50', 'GBP', 350];
    }

    #[DataProvider('typed')]
    public function test_it_reads_amounts(string $typed, string $currency, int $minor): void
    {
        self::assertSame($minor, Money::parse($typed, $currency)->minor);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'empty' => ['', 'EUR'];
        yield 'negative' => ['-5', 'EUR'];
        yield 'words' => ['cheap', 'EUR'];
        yield 'too fine' => ['1.2345', 'EUR'];
        yield 'minor units the currency lacks' => ['12.5', 'JPY'];
        yield 'absurd' => ['99999999999999999999', 'EUR'];
        yield 'dollars among euros' => ['$12', 'EUR'];
        yield 'the code of another currency' => ['12 usd', 'EUR'];
        yield 'euros among pounds' => ['€12', 'GBP'];
        yield 'no currency' => ['1', 'XX'];
    }

    #[DataProvider('refused')]
    public function test_it_refuses(string $typed, string $currency): void
    {
        $this->expectException(InvalidQuantity::class);
        Money::parse($typed, $currency);
    }

    public function test_printing_and_parsing_round_trip(): void
    {
        foreach ([0, 1, 99, 100, 123_456, 99_999_999] as $minor) {
            self::assertSame($minor, Money::parse((string) Money::ofMinor($minor, 'EUR'), 'EUR')->minor);
        }
    }

    public function test_a_split_sums_to_the_whole(): void
    {
        $parts = Money::ofMinor(100, 'EUR')->split([1, 1, 1]);
        self::assertSame([34, 33, 33], array_map(static fn (Money $part): int => $part->minor, $parts));
        mt_srand(11);
        for ($i = 0; $i < 300; $i++) {
            $amount = Money::ofMinor(mt_rand(-100_000, 100_000), 'EUR');
            $split = $amount->split([mt_rand(0, 9), mt_rand(1, 9), mt_rand(0, 9) / 7]);
            self::assertSame(
                $amount->minor,
                array_sum(array_map(static fn (Money $part): int => $part->minor, $split)),
            );
        }
    }

    public function test_labour_is_rounded_to_the_minor_unit_in_whole_numbers(): void
    {
        $rate = Money::ofMinor(4_550, 'EUR');
        self::assertSame(4_550, $rate->forTime(Duration::ofMinutes(60))->minor);
        self::assertSame(76, $rate->forTime(Duration::ofMinutes(1))->minor, '75.83 rounds to 76');
        self::assertSame(0, $rate->forTime(Duration::zero())->minor);
    }

    public function test_currencies_are_never_mixed(): void
    {
        $this->expectException(InvalidQuantity::class);
        Money::ofMinor(1, 'EUR')->plus(Money::ofMinor(1, 'USD'));
    }
}

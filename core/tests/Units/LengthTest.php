<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;

final class LengthTest extends TestCase
{
    /** Millimetres by hand from 1 in = 25.4 mm exactly. @return iterable<string, array{string, float}> */
    public static function typed(): iterable
    {
        yield 'bare millimetres' => ['43', 43.0];
        yield 'decimal comma' => ['44,5', 44.5];
        yield 'with unit' => ['43 mm', 43.0];
        yield 'inch decimals' => ['0.9 in', 22.86];
        yield 'mixed fraction' => ['1 3/4"', 44.45];
        yield 'hyphen fraction' => ['1-3/4"', 44.45];
        yield 'a bare fraction is in inches' => ['9/16', 14.2875];
        yield 'a bare mixed fraction is in inches' => ['25 1/2', 647.7];
        yield 'vulgar fraction' => ['25½"', 647.7];
        yield 'typographic inch mark' => ['1 3/4″', 44.45];
        yield 'feet and inches' => ['2\' 1 1/2"', 647.7];
        yield 'feet and inches in words' => ['2 ft 1 1/2 in', 647.7];
        yield 'centimetres' => ['4.3 cm', 43.0];
        yield 'metres' => ['0.648 m', 648.0];
        yield 'space around' => ['  43  mm ', 43.0];
    }

    #[DataProvider('typed')]
    public function test_it_reads_what_makers_type(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, Length::parse($typed)->mm, 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'empty' => [' ', 'Nothing was typed'];
        yield 'words' => ['wide', 'can\'t be read'];
        yield 'negative' => ['-43', 'below zero'];
        yield 'zero denominator' => ['1/0"', 'divides by zero'];
        yield 'two numbers' => ['43 44', 'can\'t be read'];
        yield 'inches before feet' => ['1 in 2 ft', 'can\'t be read'];
        yield 'absurd' => ['9999999999', 'larger than anything'];
        yield 'markup' => ['<b>43</b>', 'can\'t be read'];
    }

    #[DataProvider('refused')]
    public function test_it_says_what_is_wrong(string $typed, string $says): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage($says);
        Length::parse($typed);
    }

    public function test_printing_and_parsing_round_trip(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 500; $i++) {
            $length = Length::ofMillimetres(mt_rand(1, 1_000_000) / 1000);
            self::assertSame($length->mm, Length::parse((string) $length)->mm);
            self::assertEqualsWithDelta($length->mm, Length::parse($length->inMillimetres())->mm, 0.05 + 1e-9);
            self::assertEqualsWithDelta($length->mm, Length::parse($length->inInches())->mm, 0.0005 * 25.4 + 1e-9);
            self::assertEqualsWithDelta($length->mm, Length::parse($length->inFraction())->mm, 25.4 / 128 + 1e-9);
        }
    }

    public function test_fractions_are_reduced(): void
    {
        self::assertSame('1 3/4"', Length::ofMillimetres(44.45)->inFraction());
        self::assertSame('0"', Length::ofMillimetres(0)->inFraction());
        self::assertSame('9/16"', Length::ofInches(0.5625)->inFraction());
        self::assertSame('2"', Length::ofMillimetres(50.8)->inFraction());
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores\Stock;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\Stock\Amount;
use Regimen\Stores\Stock\Lot;
use Regimen\Stores\Stock\Taking;
use Regimen\Stores\Stock\TooLittle;
use Regimen\Units\Money;

/** Source of the rule: CALCULATIONS I7. */
final class TakingTest extends TestCase
{
    public function test_each_lot_at_its_own_cost_and_the_first_first(): void
    {
        $lots = [new Lot(7, 2_000, Money::ofMinor(1_001, 'EUR')), new Lot(9, 6_000, Money::ofMinor(9_000, 'EUR'))];
        self::assertSame(
            [[7, 2_000, 1_001], [9, 1_000, 1_500]],
            array_map(static fn (Taking $one): array => [$one->lot, $one->quantity, $one->cost->minor], Taking::of($lots, 3_000)),
        );
    }

    /** Recounted with whole numbers alone: what was taken and what is left is what there was, to the minor unit. */
    public function test_whatever_is_taken_in_whatever_parts_nothing_is_lost(): void
    {
        $draw = new Randomizer(new Mt19937(41));
        for ($case = 0; $case < 300; $case++) {
            [$left, $value, $taken] = [$draw->getInt(1, 9_999), $draw->getInt(0, 99_999), 0];
            [$all, $amount] = [$value, $left];
            while ($left > 0) {
                $quantity = $draw->getInt(1, $left);
                $cost = Taking::of([new Lot(1, $left, Money::ofMinor($value, 'EUR'))], $quantity)[0]->cost->minor;
                self::assertLessThanOrEqual(1, abs($cost - $value * $quantity / $left), 'by amount, to the minor unit');
                [$left, $value, $taken] = [$left - $quantity, $value - $cost, $taken + $cost];
            }
            self::assertSame([$all, 0], [$taken, $value], "{$amount} of {$all}");
        }
    }

    public function test_more_than_there_is_is_refused_with_what_there_is(): void
    {
        try {
            Taking::of([new Lot(1, 1_500, Money::ofMinor(10, 'EUR')), new Lot(2, 500, Money::ofMinor(10, 'EUR'))], 2_001);
            self::fail('It was taken.');
        } catch (TooLittle $refused) {
            self::assertSame(2_000, $refused->there);
        }
        $this->expectException(TooLittle::class);
        Taking::of([], 1);
    }

    public function test_nothing_cannot_be_taken(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Taking::of([new Lot(1, 1_500, Money::ofMinor(10, 'EUR'))], 0);
    }

    public function test_of_what_is_counted_there_are_no_halves(): void
    {
        self::assertSame([true, false, true, true], [
            Amount::canBe(2_000, 'piece'), Amount::canBe(1_500, 'set'), Amount::canBe(1_500, 'm'), Amount::canBe(1, 'share'),
        ]);
        self::assertSame([1_250, 1.25], [Amount::of(1.25), Amount::units(1_250)]);
    }
}

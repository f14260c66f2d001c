<?php

declare(strict_types=1);

namespace Regimen\Tests\Costing;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Regimen\Costing\JobCost;
use Regimen\Costing\Kit;
use Regimen\Costing\KitLine;
use Regimen\Costing\MaterialUse;
use Regimen\Costing\PriceList;
use Regimen\Costing\Quote;
use Regimen\Costing\StarterPrices;
use Regimen\Costing\UnknownPrice;
use Regimen\Costing\WorkedTime;
use Regimen\Instrument\Specification;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;
use Regimen\Units\Money;

final class CostingTest extends TestCase
{
    public function test_a_margin_is_a_share_of_the_price(): void
    {
        // CALCULATIONS M2, by hand: 750 at a margin of 25 % is 1000.
        self::assertSame(100_000, Quote::fromMargin(Money::ofMinor(75_000, 'EUR'), 0.25)->minor);
        $this->expectException(\InvalidArgumentException::class);
        Quote::fromMargin(Money::ofMinor(1, 'EUR'), 1.0);
    }

    public function test_a_quote_adds_up(): void
    {
        $quote = Quote::compute(
            Duration::ofHours(10), Money::ofMinor(5_000, 'EUR'), Money::ofMinor(40_000, 'EUR'), 0.1, 0.2,
        );
        self::assertSame(50_000, $quote->labour->minor);
        self::assertSame(9_000, $quote->overhead->minor);
        self::assertSame(99_000, $quote->cost->minor);
        self::assertSame(123_750, $quote->price->minor);
    }

    public function test_what_is_written_off_leaves_the_build_and_stands_in_the_loss_account(): void
    {
        $cost = JobCost::compute(
            [
                new WorkedTime(Duration::ofMinutes(90), Money::ofMinor(4_000, 'EUR')),
                new WorkedTime(Duration::ofMinutes(30), Money::ofMinor(3_000, 'EUR')),
            ],
            [
                new MaterialUse(Money::ofMinor(10_000, 'EUR'), 4, 1, 1),
                new MaterialUse(Money::ofMinor(5_000, 'EUR'), 1, 1, 0),
                // What is not needed any more goes to stock with what is left of it.
                new MaterialUse(Money::ofMinor(8_000, 'EUR'), 4, 0, 0, true),
            ],
            'EUR',
        );
        self::assertSame(7_500, $cost->labour->minor);
        self::assertSame(7_500, $cost->materialUsed->minor);
        self::assertSame(2_500, $cost->losses->minor);
        self::assertSame(5_000, $cost->materialToCome->minor);
        self::assertSame(15_000, $cost->soFar()->minor);
        self::assertSame(21_000, $cost->atCompletion(Money::ofMinor(1_000, 'EUR'))->minor);
    }

    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_every_specification_has_a_kit_with_a_price(Specification $specification): void
    {
        $kit = Kit::for($specification, StarterPrices::in('EUR'));
        self::assertSame(
            $kit->cost()->minor,
            array_sum(array_map(static fn (KitLine $line): int => $line->cost()->minor, $kit->lines)),
        );
        $names = array_map(static fn (KitLine $line): string => $line->price->key, $kit->lines);
        self::assertSame(! $specification->joinery->joint->isGlued(), in_array('neck-screws', $names, true));
        self::assertSame(6.0, (float) $kit->lines[array_search('tuner', $names, true)]->quantity);
    }

    public function test_what_has_no_price_is_named(): void
    {
        $this->expectException(UnknownPrice::class);
        $this->expectExceptionMessage('timber:sugar maple');
        Kit::for(Specifications::sixString(), PriceList::of([], 'EUR'));
    }
}

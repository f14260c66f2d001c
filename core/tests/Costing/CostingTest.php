<?php

declare(strict_types=1);

namespace Regimen\Tests\Costing;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Regimen\Costing\Earned;
use Regimen\Costing\JobCost;
use Regimen\Costing\Kit;
use Regimen\Costing\KitLine;
use Regimen\Costing\MaterialUse;
use Regimen\Costing\PriceList;
use Regimen\Costing\PriceRule;
use Regimen\Costing\PriceWay;
use Regimen\Costing\Quote;
use Regimen\Costing\ShopRate;
use Regimen\Costing\StarterPrices;
use Regimen\Costing\UnknownPrice;
use Regimen\Costing\Variance;
use Regimen\Costing\WorkedTime;
use Regimen\Instrument\Specification;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;
use Regimen\Units\Money;

final class CostingTest extends TestCase
{
    public function test_a_margin_is_a_share_of_the_price_and_a_mark_up_one_of_the_cost(): void
    {
        // CALCULATIONS M2, by hand: 750 at a margin of 25 % is 1000; at a mark-up of 25 % it is 937.50.
        $cost = Money::ofMinor(75_000, 'EUR');
        self::assertSame(100_000, (new PriceRule(0, PriceWay::Margin, 250))->price($cost)->minor);
        self::assertSame(93_750, (new PriceRule(0, PriceWay::MarkUp, 250))->price($cost)->minor);
        $this->expectException(\InvalidArgumentException::class);
        new PriceRule(0, PriceWay::Margin, 1_000);
    }

    public function test_a_quote_adds_up(): void
    {
        $euros = static fn (int $minor): Money => Money::ofMinor($minor, 'EUR');
        $quote = Quote::compute($euros(50_000), $euros(30_000), new PriceRule(100, PriceWay::Margin, 200), $euros(10_000));
        self::assertSame([9_000, 99_000, 123_750], [$quote->overhead->minor, $quote->cost->minor, $quote->price->minor]);
        self::assertSame(111_375, $quote->discounted(100)->minor);
        self::assertSame([0, 123_750], [$quote->discounted(1_000)->minor, $quote->discounted(0)->minor]);
        self::assertSame([80_000, 70_000], [Quote::byEffort($euros(90_000), $euros(80_000))->minor, Quote::byEffort($euros(70_000), $euros(80_000))->minor]);
        $this->expectException(\InvalidArgumentException::class);
        $quote->discounted(1_001);
    }

    public function test_set_ups_are_shared_among_those_that_are_made_together(): void
    {
        $euros = static fn (int $minor): Money => Money::ofMinor($minor, 'EUR');
        self::assertSame([130_00, 110_00], [Quote::sharedLabour($euros(30_00), $euros(100_00), 1)->minor, Quote::sharedLabour($euros(30_00), $euros(100_00), 3)->minor]);
        $this->expectException(\InvalidArgumentException::class);
        Quote::sharedLabour($euros(1), $euros(1), 0);
    }

    public function test_the_shop_rate_is_what_the_hours_that_can_be_sold_must_bring(): void
    {
        // CALCULATIONS M4, by hand: 60,000 of wages and 18,000 of overhead over 2,000 h of which 65 % are sold: 60 an hour.
        $rate = ShopRate::of(Money::ofMinor(60_000_00, 'EUR'), Money::ofMinor(18_000_00, 'EUR'), Duration::ofHours(2_000), 0.65);
        self::assertSame([60_00, 78_000_00, 1_300 * 60], [$rate->rate->minor, $rate->costs->minor, $rate->sold->minutes]);
        $this->expectException(\InvalidArgumentException::class);
        ShopRate::of(Money::ofMinor(1, 'EUR'), Money::ofMinor(1, 'EUR'), Duration::ofHours(1), 0.0);
    }

    public function test_what_a_build_earned_is_what_is_left_for_its_hours(): void
    {
        $earned = new Earned(Money::ofMinor(4_000_00, 'EUR'), Money::ofMinor(900_00, 'EUR'), Money::ofMinor(100_00, 'EUR'), Duration::ofHours(60));
        self::assertSame([3_000_00, 50_00], [$earned->left()->minor, $earned->anHour()?->minor]);
        $parts = $earned->among([3 => 1_000, 5 => 1_000, 9 => 1_600]);
        self::assertSame([4_000_00, 900_00, 100_00, 3_600], [
            array_sum(array_map(static fn (Earned $one): int => $one->price->minor, $parts)), array_sum(array_map(static fn (Earned $one): int => $one->material->minor, $parts)),
            array_sum(array_map(static fn (Earned $one): int => $one->outside->minor, $parts)), array_sum(array_map(static fn (Earned $one): int => $one->hours->minutes, $parts)),
        ]);
        self::assertNull((new Earned($earned->price, $earned->material, $earned->outside, Duration::zero()))->anHour());
    }

    public function test_why_it_cost_more_sums_to_what_it_cost_more(): void
    {
        $euros = static fn (int $minor): Money => Money::ofMinor($minor, 'EUR');
        // By hand: 40 h at 50 were quoted, 46 h at 52 worked; a change took 3 h and 80 of material, a setback 120.
        $why = Variance::of(Duration::ofHours(40), $euros(2_000_00), Duration::ofHours(46), $euros(2_392_00), 180, $euros(500_00), $euros(610_00), $euros(80_00), $euros(120_00));
        self::assertSame([230_00, 120_00, 150_00, 92_00, 30_00], [$why->changes->minor, $why->losses->minor, $why->hours->minor, $why->rate->minor, $why->material->minor]);
        self::assertSame((2_392_00 + 610_00 + 120_00) - (2_000_00 + 500_00), $why->total()->minor);
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

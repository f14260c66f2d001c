<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Forecast\LeadTime;
use Regimen\Forecast\Normal;

/** How long orders take (I5). */
final class LeadTimeTest extends TestCase
{
    /** Table values of the normal distribution (Abramowitz and Stegun, table 26.1, from memory). */
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.841344746068543])]
    #[TestWith([2.0, 0.977249868051821])]
    #[TestWith([-3.0, 0.001349898031630])]
    #[TestWith([1.2815515655446, 0.9])]
    #[TestWith([1.6448536269515, 0.95])]
    public function test_the_normal_distribution_is_what_tables_say(float $x, float $below): void
    {
        $this->assertEqualsWithDelta($below, Normal::below($x), 1e-12);
        $this->assertEqualsWithDelta($x, Normal::quantile($below), 1e-9);
        $this->assertEqualsWithDelta(1.0, Normal::below($x) + Normal::below(-$x), 1e-14);
    }

    /** CALCULATIONS I5: median 14, ninth decile 28 days, not come by day 21 → day 26.9. */
    public function test_an_overdue_part_is_expected_by_the_conditional_median(): void
    {
        $prior = LeadTime::of(14, 28, []);
        $this->assertEqualsWithDelta([14.0, 28.0, 26.9], [$prior->median(), $prior->ninthDecile(), $prior->expectedAfter(21)], 0.05);
        $this->assertEqualsWithDelta([0.5, 0.9, 14.0], [$prior->within(14), $prior->within(28), $prior->expectedAfter(0)], 1e-9);
        $last = 0.0;
        foreach ([0, 5, 14, 21, 28, 60, 200, 5_000] as $passed) {
            $next = $prior->expectedAfter($passed);
            $this->assertGreaterThan(max($last, $passed), $next, 'the longer it is not there, the later it is expected');
            $last = $next;
        }
    }

    public function test_what_came_is_learned_and_what_the_house_expects_weighs_as_some_orders(): void
    {
        // The mean of the logarithms: 4 times 14 and 4 times 56 are 28 in the middle.
        $half = LeadTime::of(14, 28, [56, 56, 56, 56]);
        $this->assertEqualsWithDelta([28.0, 4], [$half->median(), $half->n], 1e-9);
        $dice = new Randomizer(new Mt19937(5));
        $took = array_map(static fn (): float => exp(log(30) + 0.4 * Normal::quantile($dice->getInt(1, 9_999) / 10_000)), range(1, 2_000));
        $learned = LeadTime::of(14, 28, $took);
        $this->assertEqualsWithDelta(30.0, $learned->median(), 0.8);
        $this->assertEqualsWithDelta(30 * exp(0.4 * 1.2815515655), $learned->ninthDecile(), 2.0);
        $this->assertGreaterThan(0.0, LeadTime::of(14, 28, [0])->median(), 'it came on the same day');
        $this->expectExceptionMessage('above zero');
        LeadTime::of(0, 28, []);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Charts\Capability;
use Regimen\Inspection\Charts\HeldTolerance;
use Regimen\Inspection\Charts\IndividualsChart;

/** B7 and B8. */
final class ChartsTest extends TestCase
{
    /** NIST/SEMATECH e-Handbook 6.3.2.2, flowrates of ten batches (from memory). */
    private const FLOW = [49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1];

    public function test_the_handbook_s_chart(): void
    {
        $chart = IndividualsChart::of(self::FLOW);
        self::assertNotNull($chart);
        self::assertEqualsWithDelta(50.81, $chart->mean, 1e-9);
        self::assertEqualsWithDelta(1.8778, $chart->movingRange, 0.0001);
        self::assertEqualsWithDelta(55.8041, $chart->high, 0.001);
        self::assertEqualsWithDelta(45.8159, $chart->low, 0.001);
        self::assertSame([], $chart->beyond());
        self::assertNull($chart->drift());
    }

    public function test_one_reading_draws_no_chart(): void
    {
        self::assertNull(IndividualsChart::of([]));
        self::assertNull(IndividualsChart::of([16.0]));
    }

    public function test_eight_in_a_row_on_one_side_are_a_drift_and_seven_are_none(): void
    {
        $early = [0.1, -0.3, -0.2, 0.1, -0.4, -0.1, -0.3];
        $drifts = IndividualsChart::of([...$early, ...array_fill(0, 8, 0.2)]);
        self::assertSame(7, $drifts?->drift());
        self::assertTrue($drifts->driftsUp());
        self::assertNull(IndividualsChart::of([...$early, ...array_fill(0, 7, 0.2)])?->drift());
        self::assertNull(IndividualsChart::of([...$early, ...array_fill(0, 8, 0.2), -0.2])?->drift(), 'it is over');
    }

    public function test_what_leaps_out_is_told(): void
    {
        self::assertSame([9], IndividualsChart::of([0.1, 0.0, 0.1, 0.0, 0.1, 0.0, 0.1, 0.0, 0.1, 2.0])?->beyond());
    }

    /** NIST/SEMATECH e-Handbook 6.1.6 (from memory): limits 8 and 20, mean 16, standard deviation 2. */
    public function test_the_handbook_s_capability(): void
    {
        $capability = Capability::of(16.0, 2.0, 8.0, 20.0);
        self::assertEqualsWithDelta(1.0, (float) $capability?->cp, 1e-9);
        self::assertEqualsWithDelta(0.6667, (float) $capability?->cpk, 0.0001);
    }

    public function test_with_one_limit_there_is_one_index_and_without_spread_none(): void
    {
        $one = Capability::of(0.1, 0.02, null, 0.15);
        self::assertNull($one?->cp);
        self::assertEqualsWithDelta(0.8333, (float) $one?->cpk, 0.0001);
        self::assertEqualsWithDelta(0.6667, (float) Capability::of(5.0, 1.0, 3.0, null)?->cpk, 0.0001);
        self::assertNull(Capability::of(5.0, 0.0, 3.0, 7.0));
        self::assertNull(Capability::of(5.0, 1.0, null, null));
    }

    public function test_nothing_is_said_of_nine_readings(): void
    {
        $nine = IndividualsChart::of(array_slice(self::FLOW, 0, 9));
        self::assertNotNull($nine);
        self::assertNull(Capability::canDo($nine, 40.0, 60.0));
        self::assertNull(Capability::did($nine, 40.0, 60.0));
        $ten = IndividualsChart::of(self::FLOW);
        self::assertNotNull($ten);
        // By hand from the handbook’s figures: 20 / (6 · 1.8778 / 1.128), and the sample’s deviation by Python’s statistics module, 2.0339.
        self::assertEqualsWithDelta(2.0024, (float) Capability::canDo($ten, 40.0, 60.0)?->cp, 0.001);
        self::assertEqualsWithDelta(2.03386, Capability::spread($ten), 1e-4);
    }

    /** Chi-square of 19 degrees at 2.5 and 97.5 %: 8.907 and 32.852 (table of the same handbook, 1.3.6.7.4; from memory). */
    public function test_a_tolerance_is_proposed_from_twenty_on_with_its_interval_and_never_looser_than_is_needed(): void
    {
        $values = array_map(static fn (int $at): float => ($at % 2 === 0 ? 0.05 : -0.05), range(1, 20));
        $chart = IndividualsChart::of($values);
        self::assertNotNull($chart);
        $held = HeldTolerance::of($chart, 0.2);
        self::assertNotNull($held);
        $sigma = 0.05 * sqrt(20 / 19);
        self::assertEqualsWithDelta(3 * $sigma, $held->held, 1e-9);
        self::assertEqualsWithDelta(3 * $sigma * sqrt(19 / 32.852), $held->from, 0.0005);
        self::assertEqualsWithDelta(3 * $sigma * sqrt(19 / 8.907), $held->to, 0.0005);
        self::assertEqualsWithDelta($held->held, (float) $held->proposed, 1e-9);
        self::assertNull(HeldTolerance::of($chart, 0.1)?->proposed);
        $nineteen = IndividualsChart::of(array_slice($values, 0, 19));
        self::assertNotNull($nineteen);
        self::assertNull(HeldTolerance::of($nineteen, 0.2));
    }
}

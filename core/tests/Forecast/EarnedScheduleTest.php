<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Forecast\AtCompletion;
use Regimen\Forecast\EarnedSchedule;
use Regimen\Forecast\Learned\Ratio;

/** Progress in time (P14), and what hours come to. */
final class EarnedScheduleTest extends TestCase
{
    /** CALCULATIONS P14: PV 10 25 45 after 1 2 3 weeks, EV 30 at week 3 → ES 2.25, SPI(t) 0.75. */
    public function test_the_worked_example(): void
    {
        $earned = EarnedSchedule::of([10, 25, 45], 30, 3);
        $this->assertEqualsWithDelta([2.25, 0.75], [$earned->periods, $earned->index()], 1e-12);
    }

    /** Late, all of it is done: SPI in hours says 1, the earned schedule still says that it took too long. */
    public function test_it_still_tells_lateness_when_all_is_done(): void
    {
        $this->assertEqualsWithDelta(0.6, EarnedSchedule::of([10, 25, 45], 45, 5)->index(), 1e-12);
    }

    #[TestWith([0.0, 0.0])]
    #[TestWith([5.0, 0.5])]
    #[TestWith([10.0, 1.0])]
    #[TestWith([25.0, 2.0])]
    #[TestWith([99.0, 3.0])]
    public function test_what_is_earned_at_marks(float $earned, float $periods): void
    {
        $this->assertEqualsWithDelta($periods, EarnedSchedule::of([10, 25, 45], $earned, 3)->periods, 1e-12);
    }

    /** A week in which nothing was planned is earned with the one before it. */
    public function test_an_idle_week_is_earned_at_once(): void
    {
        $this->assertEqualsWithDelta(2.0, EarnedSchedule::of([10, 10, 20], 10, 2)->periods, 1e-12);
    }

    public function test_a_plan_that_falls_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        EarnedSchedule::of([10, 5], 20, 1);
    }

    public function test_no_time_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        EarnedSchedule::of([10], 5, 0);
    }

    /** A sum of log-normals: means and variances add up, what is not known about a mean does not even out. */
    public function test_hours_at_completion_are_the_sum_of_what_is_left(): void
    {
        $all = new AtCompletion(600);
        foreach (range(1, 9) as $one) {
            $all->add(100, new Ratio(log(1.2), 0.3, 0.0, 5), "kind {$one}");
        }
        $mean = 1.2 * exp(0.045);
        $this->assertEqualsWithDelta(600 + 900 * $mean, $all->mean(), 1e-9);
        $this->assertEqualsWithDelta(300 * $mean * sqrt(exp(0.09) - 1), $all->deviation(), 1e-9);
        [$low, $high] = $all->band(0.8);
        $this->assertEqualsWithDelta(1.2815515655446 * $all->deviation(), $high - $all->mean(), 1e-6);
        $this->assertEqualsWithDelta($all->mean(), ($low + $high) / 2, 1e-9);
        $this->assertEqualsWithDelta(0.9, $all->within($high), 1e-9);
        $together = new AtCompletion(0);
        $together->add(100, new Ratio(0.0, 0.0, 0.1, 1), 'one');
        $together->add(100, new Ratio(0.0, 0.0, 0.1, 1), 'one');
        $this->assertEqualsWithDelta(20.0, $together->deviation(), 1e-9);
    }

    public function test_what_is_done_has_no_band(): void
    {
        $done = new AtCompletion(600);
        $this->assertSame([[600.0, 600.0], 1.0, 0.0], [$done->band(0.8), $done->within(600), $done->within(599)]);
    }
}

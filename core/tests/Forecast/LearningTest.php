<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Learning;
use Regimen\Units\Duration;

final class LearningTest extends TestCase
{
    public function test_two_jobs_teach_nothing_and_clocks_that_ran_no_minute_do_not_count(): void
    {
        self::assertNull(Learning::learn(Duration::ofHours(4), [200, 250]));
        self::assertNull(Learning::learn(Duration::ofHours(4), [200, 250, 0]));
        self::assertNull(Learning::learn(Duration::zero(), [200, 250, 270]));
    }

    public function test_jobs_that_take_the_standard_confirm_it(): void
    {
        $learned = Learning::learn(Duration::ofHours(4), [240, 240, 240, 240]);
        self::assertSame(
            [240, 240, 240, 4],
            [
                $learned?->hours->best->minutes, $learned?->hours->likely->minutes, $learned?->hours->worst->minutes,
                $learned?->jobs,
            ],
        );
    }

    public function test_the_standard_weighs_as_three_jobs_in_the_logarithm(): void
    {
        // Three at 4 h and three at 2 h: the geometric mean, 2.828 h.
        self::assertSame(170, Learning::learn(Duration::ofHours(4), [120, 120, 120])?->hours->likely->minutes);
        // Many jobs outweigh it.
        self::assertEqualsWithDelta(
            120,
            Learning::learn(Duration::ofHours(4), array_fill(0, 300, 120))?->hours->likely->minutes,
            2,
        );
    }

    /**
     * Worked by hand: around 4 h once half and once double, with the standard as three more: ln 2 · √(2/5) is the
     * deviation.
     */
    public function test_the_spread_of_few_jobs_is_divided_by_one_less_than_there_are(): void
    {
        $hours = Learning::learn(Duration::ofHours(4), [120, 240, 480])?->hours;
        self::assertSame([137, 240, 421], [$hours?->best->minutes, $hours?->likely->minutes, $hours?->worst->minutes]);
    }

    public function test_one_in_ten_is_outside_each_end_of_a_log_normal_sample(): void
    {
        // Quantiles of the normal distribution at 0.05, 0.15, …, 0.95 (tables of the standard normal), as hours around
        // 4 h with a deviation of 0.3.
        $z = [-1.6449, -1.0364, -0.6745, -0.3853, -0.1257, 0.1257, 0.3853, 0.6745, 1.0364, 1.6449];
        $minutes = [];
        for ($round = 0; $round < 40; $round++) {
            foreach ($z as $one) {
                $minutes[] = (int) round(240 * exp(0.3 * $one));
            }
        }
        $hours = Learning::learn(Duration::ofHours(4), $minutes)?->hours;
        self::assertEqualsWithDelta(240 * exp(-0.3 * 1.2816), $hours?->best->minutes, 8);
        self::assertEqualsWithDelta(240 * exp(0.3 * 1.2816), $hours?->worst->minutes, 12);
    }
}

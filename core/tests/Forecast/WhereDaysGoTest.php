<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\WhereDaysGo;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Tests\Schedule\Shops;

/** The time between now and the finish, by what it is spent on. */
final class WhereDaysGoTest extends TestCase
{
    use Shops;

    public function test_labour_hold_lead_time_and_night_sum_to_the_whole(): void
    {
        // Wednesday 8:00: an hour of work, five days of lead time to Monday 9:00, an hour of work, a day of hold to
        // Tuesday 10:00, two hours of work.
        $problem = new Problem($this->at('2026-03-18 08:00'), [
            new Activity('order', 'b', 60, skill: 'any'),
            new Activity('glue', 'b', 60, 1_440, 'any', [new Predecessor('order', 7_200, 'the bridge: 5 days')]),
            new Activity('plane', 'b', 120, 0, 'any', [new Predecessor('glue')]),
        ], [$this->worker(1)], []);
        $spent = WhereDaysGo::sum(Builder::plan($problem));
        self::assertSame(['labour' => 240, 'holds' => 1_440, 'parts' => 7_200, 'closed' => 0], $spent);
    }

    public function test_a_night_before_work_begins_is_nobodys_time(): void
    {
        $problem = new Problem($this->at('2026-03-18 16:30'), [
            new Activity('glue', 'b', 30, 60, 'any'),
            new Activity('plane', 'b', 60, 0, 'any', [new Predecessor('glue')]),
        ], [$this->worker(1)], []);
        $plan = Builder::plan($problem);
        $spent = WhereDaysGo::sum($plan);
        self::assertSame(['labour' => 90, 'holds' => 60, 'parts' => 0, 'closed' => 840], $spent, 'from 18:00 to 8:00');
        self::assertSame($plan->finishOf('b', $problem) - $problem->now, array_sum($spent));
    }

    public function test_no_plan_spends_nothing(): void
    {
        self::assertSame(0, array_sum(WhereDaysGo::sum(new Plan([], []))));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Time;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\HoursText;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Tests\Schedule\Shops;

final class WorkingHoursTest extends TestCase
{
    use Shops;

    public function test_a_week_in_minutes(): void
    {
        self::assertSame(2550, $this->hours()->minutesInAWeek());
        self::assertSame(
            480,
            WorkingHours::of(
                [3 => HoursText::parse('9–12'), 4 => HoursText::parse('9–12, 13–15')], [], $this->zone(),
            )->minutesInAWeek(),
        );
        self::assertSame(
            [0, 0],
            [
                WorkingHours::of([], [], $this->zone())->minutesInAWeek(),
                WorkingHours::of([1 => []], [], $this->zone())->minutesInAWeek(),
            ],
        );
    }

    public function test_days_off_come_on_top_of_closed_days(): void
    {
        $hours = $this->hours(['2026-03-18'])->without(['2026-03-19']);
        self::assertSame(
            [[], [], [[480, 720], [750, 1020]], []],
            [$hours->on('2026-03-18'), $hours->on('2026-03-19'), $hours->on('2026-03-20'), $hours->on('2026-03-21')],
        );
        self::assertSame(
            [[480, 720], [750, 1020]], $this->hours(['2026-03-18'])->on('2026-03-19'),
            'the shop’s own hours stay as they are',
        );
    }

    public function test_the_stretch_is_clock_time_for_working_time(): void
    {
        self::assertEqualsWithDelta(10_080 / 2_550, $this->calendar()->stretch(), 1e-9);
    }

    public function test_sittings_are_the_stretches_between_breaks(): void
    {
        $calendar = $this->calendar();
        $monday = $calendar->worked($this->at('2026-03-02 08:00'));
        self::assertSame([$monday, $monday + 240], $calendar->sitting($monday + 100));
        self::assertSame([$monday + 240, $monday + 510], $calendar->sitting($monday + 240));
        self::assertSame(270, $calendar->longestSitting($this->at('2026-03-02 08:00')));
    }

    public function test_work_ends_at_the_break_and_begins_after_it(): void
    {
        $calendar = $this->calendar();
        $noon = $calendar->worked($this->at('2026-03-02 12:00'));
        self::assertSame('2026-03-02 12:00', $this->local($calendar->endOf($noon)));
        self::assertSame('2026-03-02 12:30', $this->local($calendar->startOf($noon)));
        self::assertSame(
            $this->at('2026-03-02 12:10'), $calendar->finish($this->at('2026-03-02 12:10'), 0),
            'nothing to do takes no time',
        );
    }

    public function test_a_calendar_goes_on_for_years(): void
    {
        $calendar = Calendar::from($this->hours(), $this->at('2026-01-01 00:00'));
        // Whole weeks of 2,550 minutes: two hundred of them from Monday 5 January 2026 end on Friday 2 November 2029.
        self::assertSame(
            '2029-11-02 17:00',
            $this->local($calendar->finish($this->at('2026-01-05 08:00'), 200 * 2_550)),
        );
    }
}

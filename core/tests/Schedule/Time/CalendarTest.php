<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Time;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Plan\Slack;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\NoWorkingTime;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Tests\Schedule\Shops;

/**
 * Hand-made cases, laid out in the comments, in a zone whose clocks change on the last Sundays of March and October.
 */
final class CalendarTest extends TestCase
{
    use Shops;

    public function test_an_operation_runs_over_the_break_and_the_night(): void
    {
        // Mon 2 Mar 2026, 8–12 and 12:30–17, eight and a half hours a day.
        // Begun at 16:00 with 3 h: 1 h on Monday till 17:00, 2 h on Tuesday from 8:00 till 10:00.
        $calendar = $this->calendar();
        self::assertSame('2026-03-03 10:00', $this->local($calendar->finish($this->at('2026-03-02 16:00'), 180)));
        // Begun at 11:30 with 1 h: half an hour till noon, half an hour from 12:30.
        self::assertSame('2026-03-02 13:00', $this->local($calendar->finish($this->at('2026-03-02 11:30'), 60)));
        // Begun at 8:00 with 4 h: done at noon, not at 12:30.
        self::assertSame('2026-03-02 12:00', $this->local($calendar->finish($this->at('2026-03-02 08:00'), 240)));
        // Work that is ready at noon begins at 12:30.
        self::assertSame(
            '2026-03-02 12:30',
            $this->local($calendar->startOf($calendar->worked($this->at('2026-03-02 12:00')))),
        );
    }

    public function test_the_weekend_and_closed_days_give_no_hours(): void
    {
        // Fri 27 Feb 16:00 + 2 h: 1 h on Friday; Monday 2 Mar is closed; 1 h on Tuesday 3 Mar.
        $calendar = $this->calendar(closed: ['2026-03-02']);
        self::assertSame('2026-03-03 09:00', $this->local($calendar->finish($this->at('2026-02-27 16:00'), 120)));
        self::assertSame(60, $calendar->between($this->at('2026-02-27 16:00'), $this->at('2026-03-03 08:00')));
        self::assertSame(-60, $calendar->between($this->at('2026-03-03 08:00'), $this->at('2026-02-27 16:00')));
    }

    public function test_working_hours_keep_their_place_on_the_clock_when_the_clock_changes(): void
    {
        // The clock goes forward on Sun 29 Mar 2026. Friday 16:00 + 2 h is Monday 9:00 by the wall clock …
        $calendar = $this->calendar();
        $finish = $calendar->finish($this->at('2026-03-27 16:00'), 120);
        self::assertSame('2026-03-30 09:00', $this->local($finish));
        // … which is 64 h later in real time, not 65.
        self::assertSame(64 * 60, $finish - $this->at('2026-03-27 16:00'));
    }

    public function test_a_night_shift_has_the_minutes_that_really_pass_on_the_night_of_a_clock_change(): void
    {
        // Sunday 1:00–5:00: 3 h when the clock goes forward at 2:00 (29 Mar 2026), 5 h when it goes back at 3:00 (25
        // Oct 2026).
        $nights = Calendar::from(
            WorkingHours::of([7 => [[60, 300]]], [], $this->zone()), $this->at('2026-03-22 00:00'),
        );
        self::assertSame(240, $nights->between($this->at('2026-03-22 00:00'), $this->at('2026-03-22 12:00')));
        self::assertSame(180, $nights->between($this->at('2026-03-29 00:00'), $this->at('2026-03-29 12:00')));
        self::assertSame(300, $nights->between($this->at('2026-10-25 00:00'), $this->at('2026-10-25 12:00')));
    }

    public function test_finish_and_worked_are_inverse_at_every_minute_of_work(): void
    {
        $calendar = $this->calendar(closed: ['2026-03-18']);
        $start = $this->at('2026-03-02 08:00');
        $first = $calendar->worked($start);
        for ($minutes = 1; $minutes < 12_000; $minutes += 13) {
            self::assertSame($minutes, $calendar->worked($calendar->finish($start, $minutes)) - $first);
        }
    }

    public function test_a_calendar_without_hours_is_refused_by_name(): void
    {
        $this->expectException(NoWorkingTime::class);
        $this->expectExceptionMessage('Ines');
        Calendar::from(WorkingHours::of([], [], $this->zone()), 0, 'Ines');
    }

    public function test_hours_that_overlap_or_leave_the_day_are_refused(): void
    {
        foreach ([
            [1 => [[480, 400]]], [1 => [[480, 720], [700, 800]]], [1 => [[480, 1500]]], [8 => [[480, 720]]],
        ] as $week) {
            try {
                WorkingHours::of($week, [], $this->zone());
                self::fail('accepted '.json_encode($week));
            } catch (\InvalidArgumentException $refused) {
                self::assertStringContainsString('Working hours', $refused->getMessage());
            }
        }
    }

    public function test_slack_counts_working_days(): void
    {
        // Finish Thu 19 Mar, promise Tue 24 Mar: Fri, Mon, Tue. With Monday closed: two. The other way round: late by
        // three.
        self::assertSame(3, Slack::inDays('2026-03-19', '2026-03-24', $this->hours()));
        self::assertSame(2, Slack::inDays('2026-03-19', '2026-03-24', $this->hours()->without(['2026-03-23'])));
        self::assertSame(-3, Slack::inDays('2026-03-24', '2026-03-19', $this->hours()));
        self::assertSame(0, Slack::inDays('2026-03-19', '2026-03-19', $this->hours()));
        self::assertSame(
            0, Slack::inDays('2026-03-20', '2026-03-22', $this->hours()), 'a Sunday promise after a Friday finish',
        );
    }
}

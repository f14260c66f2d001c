<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** Stations and fixtures with hours of their own, by hand. It is Wednesday; people work 8–12 and 12:30–17. */
final class OpenHoursTest extends TestCase
{
    use Shops;

    public function test_a_booth_is_used_only_while_it_is_open_and_that_is_the_reason(): void
    {
        $plan = $this->plan([new Activity('spray', 'one', 60, 600, 'any', demands: [new Demand('booth')])], [4 => [[840, 1020]]]);
        $spray = $plan->assignments['spray'];
        self::assertSame(
            ['2026-03-19 14:00', '2026-03-19 15:00', '2026-03-20 01:00', ReasonKind::Hours, 'booth'],
            [
                $this->local($spray->start), $this->local($spray->workEnd), $this->local($spray->finish),
                $spray->reason->kind, $spray->reason->resource,
            ],
        );
        $open = $this->plan([new Activity('spray', 'one', 60, 600, 'any', demands: [new Demand('booth')])], null);
        self::assertSame('2026-03-18 08:00', $this->local($open->assignments['spray']->start), 'without hours it is sooner');
    }

    public function test_what_is_not_over_when_it_closes_is_gone_on_with_and_set_up_again(): void
    {
        $cut = new Activity(
            'cut', 'one', 300, skill: 'any', demands: [new Demand('booth')], setUp: new SetUp('fence', 30, 'booth'),
        );
        $plan = $this->plan([$cut], [3 => [[480, 660]], 5 => [[480, 720]]]);
        self::assertSame(
            [['2026-03-18 08:00', '2026-03-18 11:00'], ['2026-03-20 08:00', '2026-03-20 10:30']],
            array_map(
                fn (array $one): array => array_map($this->local(...), $one), $plan->assignments['cut']->sittings,
            ),
        );
        self::assertSame(330, $plan->assignments['cut']->work, 'five hours and half an hour for setting up once more');
    }

    public function test_a_hold_goes_on_outside_of_the_hours_and_what_can_never_be_done_in_one_sitting_says_so(): void
    {
        $glue = new Activity('glue', 'one', 60, 4_000, 'any', demands: [new Demand('booth', 1, true)]);
        $other = new Activity('other', 'two', 60, skill: 'any', demands: [new Demand('booth', 1, true)]);
        $long = new Activity('long', 'three', 200, skill: 'any', demands: [new Demand('booth')], oneSitting: true);
        $plan = $this->plan([$glue, $other, $long], [3 => [[480, 660]], 5 => [[480, 660]]]);
        self::assertSame(
            ['2026-03-18 09:00', '2026-03-21 03:40'],
            [$this->local($plan->assignments['glue']->workEnd), $this->local($plan->assignments['glue']->finish)],
        );
        self::assertSame('2026-03-25 08:00', $this->local($plan->assignments['other']->start), 'behind the hold, when it opens');
        self::assertStringContainsString('never open for that long', $plan->unplanned['long']->why);
    }

    /**
     * @param  list<Activity>  $activities
     * @param  array<int, list<array{int, int}>>|null  $open  by weekday
     */
    private function plan(array $activities, ?array $open): Plan
    {
        $now = $this->at('2026-03-18 08:00');
        $hours = $open === null
            ? []
            : ['booth' => Calendar::from(WorkingHours::of($open, [], $this->zone()), $now, 'The booth')];

        return Builder::plan(new Problem($now, $activities, [$this->worker(1)], ['booth' => 1], hours: $hours));
    }
}

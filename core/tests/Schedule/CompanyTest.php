<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** Two people for a part of an operation, and machines that run by themselves; days and times by hand. */
final class CompanyTest extends TestCase
{
    use Shops;

    public function test_a_second_person_helps_in_the_last_minutes_and_does_nothing_else_then(): void
    {
        $plan = Builder::plan($this->shop([
            new Activity('close', 'b', 60, 600, 'any', hands: 20),
            new Activity('file', 'c', 120, skill: 'any', worker: 2),
        ], [$this->worker(1), $this->worker(2)]));
        $close = $plan->assignments['close'];
        self::assertSame(
            [1, '2026-03-02 08:00', '2026-03-02 09:00', 2, '2026-03-02 08:40', '2026-03-02 19:00'],
            [
                $close->worker, $this->local($close->start), $this->local($close->workEnd), $close->helper,
                $this->local((int) $close->helpsFrom), $this->local($close->finish),
            ],
        );
        $file = $plan->assignments['file'];
        self::assertSame(
            [['08:00', '08:40'], ['09:00', '10:20']],
            array_map(fn (array $one): array => array_map(fn (int $at): string => substr($this->local($at), 11), $one), $file->sittings),
            'what the second person does is begun before and taken up again after it',
        );
    }

    public function test_it_begins_later_when_nobody_is_free_to_help_and_says_so(): void
    {
        $plan = Builder::plan($this->shop([
            new Activity('bind', 'c', 120, skill: 'any', oneSitting: true, worker: 2, startedAt: $this->at('2026-03-02 07:00')),
            new Activity('close', 'b', 60, 600, 'any', hands: 20),
        ], [$this->worker(1), $this->worker(2)]));
        self::assertSame(
            ['2026-03-02 09:20', ReasonKind::Hands, 'bind'],
            [
                $this->local($plan->assignments['close']->start), $plan->assignments['close']->reason->kind,
                $plan->assignments['close']->reason->activity,
            ],
        );
    }

    public function test_both_are_there_at_the_same_time_and_not_at_a_break(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $afternoons = new Worker(2, 'W2', ['any'], Calendar::from(
            WorkingHours::of(array_fill(1, 5, [[14 * 60, 17 * 60]]), [], new \DateTimeZone('Europe/Berlin')), $now,
        ));
        $plan = Builder::plan($this->shop([new Activity('close', 'b', 60, 600, 'any', hands: 60)], [$this->worker(1), $afternoons]));
        self::assertSame(
            ['2026-03-02 14:00', 2], [$this->local($plan->assignments['close']->start), $plan->assignments['close']->helper],
        );
        $mornings = new Worker(2, 'W2', ['other'], Calendar::from(
            WorkingHours::of(array_fill(1, 5, [[4 * 60, 6 * 60]]), [], new \DateTimeZone('Europe/Berlin')), $now,
        ));
        $never = Builder::plan($this->shop([new Activity('close', 'b', 60, 600, 'any', hands: 60)], [$this->worker(1), $mornings]));
        self::assertStringContainsString('a second pair of hands', $never->unplanned['close']->why);
    }

    public function test_whoever_works_alone_in_the_shop_does_it_alone(): void
    {
        $plan = Builder::plan($this->shop([new Activity('close', 'b', 60, 600, 'any', hands: 20)], [$this->worker(1)]));
        self::assertSame(
            ['2026-03-02 08:00', null],
            [$this->local($plan->assignments['close']->start), $plan->assignments['close']->helper],
        );
    }

    public function test_a_machine_runs_by_itself_while_whoever_set_it_going_works_on_something_else_nearby(): void
    {
        $plan = Builder::plan($this->shop([
            new Activity('carve', 'b', 30, skill: 'any', demands: [new Demand('router')], alone: 300),
            new Activity('sand', 'b', 30, skill: 'any', predecessors: [new Predecessor('carve')]),
            new Activity('slot', 'c', 60, skill: 'any', demands: [new Demand('router')]),
            new Activity('file', 'd', 60, skill: 'any'),
        ], [$this->worker(1)], ['router' => 1]));
        [$carve, $slot, $file, $sand] = array_map(
            static fn (string $id) => $plan->assignments[$id], ['carve', 'slot', 'file', 'sand'],
        );
        // Half past eight to twelve, and from half past twelve on: the machine does not run over the break.
        self::assertSame(
            ['2026-03-02 08:30', '2026-03-02 14:00', '2026-03-02 14:00', '2026-03-02 08:30'],
            [$this->local($carve->workEnd), $this->local((int) $carve->runsUntil), $this->local($carve->finish), $this->local($file->start)],
        );
        self::assertGreaterThanOrEqual($carve->finish, min($slot->start, $sand->start), 'the station and the piece are taken');
    }

    public function test_a_machine_is_not_set_going_where_it_would_be_taken_away_before_it_is_done(): void
    {
        $plan = Builder::plan(new Problem(
            $this->at('2026-03-02 08:00'),
            [new Activity('carve', 'b', 30, skill: 'any', demands: [new Demand('router')], alone: 120)],
            [$this->worker(1)], ['router' => 1], [],
            [new Outage('router', $this->at('2026-03-02 09:00'), $this->at('2026-03-02 10:00'), 'it is serviced')],
        ));
        self::assertSame(
            ['2026-03-02 10:00', ReasonKind::Outage],
            [$this->local($plan->assignments['carve']->start), $plan->assignments['carve']->reason->kind],
        );
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities
     */
    private function shop(array $activities, array $workers, array $capacities = []): Problem
    {
        return new Problem($this->at('2026-03-02 08:00'), $activities, $workers, $capacities);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Policy\LookingLonger;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;

/** What people were told for the next days stays where it can, whatever has happened beside it. */
final class CalmTest extends TestCase
{
    use Shops;

    public function test_what_cannot_be_kept_goes_behind_the_others_so_that_they_need_not_move(): void
    {
        $activities = [
            new Activity('rout', 'one', 120, skill: 'any', demands: [new Demand('router')], oneSitting: true),
            new Activity('sand', 'three', 105, skill: 'any', oneSitting: true, release: new Release($this->at('2026-03-02 10:00'), 'timber')),
            new Activity('buff', 'three', 105, skill: 'any', predecessors: [new Predecessor('sand')], oneSitting: true),
        ];
        $before = $this->planned($this->shop($activities), new Standing);
        self::assertSame(
            ['08:00', '10:00'], [$this->time($before, 'rout'), $this->time($before, 'sand')],
        );
        $down = new Outage('router', $this->at('2026-03-02 07:30'), $this->at('2026-03-02 09:00'), 'it is down');
        $after = $this->planned($this->shop($activities, [$down]), new Standing(LookingLonger::announced($before)));
        self::assertSame('10:00', $this->time($after, 'sand'), 'not moved by what was on the router before it');
        self::assertGreaterThan('10:00', $this->time($after, 'rout'));
    }

    public function test_who_would_have_nothing_to_do_for_a_whole_day_begins_sooner_than_told_but_not_for_half_a_day(): void
    {
        $later = fn (string $day): Activity => new Activity(
            'carve', 'one', 240, skill: 'any', release: new Release($this->at($day), 'timber'),
        );
        $first = new Activity('turn', 'two', 240, skill: 'any');
        foreach (['2026-03-02 13:00' => '13:00', '2026-03-03 12:30' => '08:00'] as $told => $begins) {
            $before = $this->planned($this->shop([$first, $later($told)]), new Standing);
            // The timber is there at once, and what was to be done until then is not to be done any more.
            $standing = new Standing(array_diff_key(LookingLonger::announced($before), ['turn' => true]));
            $after = $this->planned($this->shop([$later('2026-03-02 08:00')]), $standing);
            self::assertSame($begins, $this->time($after, 'carve'), "told for {$told}");
        }
    }

    private function planned(Problem $problem, Standing $standing): Plan
    {
        return (new PlanOrder($problem, $standing))->planned()->plan;
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Outage>  $outages
     */
    private function shop(array $activities, array $outages = []): Problem
    {
        return new Problem($this->at('2026-03-02 08:00'), $activities, [$this->worker(1)], ['router' => 1], [], $outages);
    }

    private function time(Plan $plan, string $activity): string
    {
        return substr($this->local($plan->assignments[$activity]->start), 11);
    }
}

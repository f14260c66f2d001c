<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\ImpossibleProblem;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/** Monday 2 March 2026, 8:00, unless a case says otherwise; each case is worked out by hand in its comment. */
final class UnplannedTest extends TestCase
{
    use BuiltPlans;
    use Shops;

    public function test_what_cannot_be_planned_is_listed_with_its_fix_and_the_rest_is_planned(): void
    {
        $plan = $this->plan([
            new Activity('lost', 'b', 60, skill: 'engraving'),
            new Activity('behind', 'b', 60, skill: 'any', predecessors: [new Predecessor('lost')]),
            new Activity('large', 'c', 60, skill: 'any', demands: [new Demand('clamps', 3)]),
            new Activity('fine', 'd', 60, skill: 'any'),
        ], capacities: ['clamps' => 2]);
        self::assertEqualsCanonicalizing(['lost', 'behind', 'large'], array_keys($plan->unplanned));
        self::assertStringContainsString(
            'Nobody who works in the shop has the skill “engraving”', $plan->unplanned['lost']->why,
        );
        self::assertStringContainsString('the shop has 2', $plan->unplanned['large']->why);
        $this->assertTimes($plan, 'fine', '2026-03-02 08:00', '2026-03-02 09:00');
    }

    public function test_what_lies_beyond_the_calendar_is_listed_and_never_hangs(): void
    {
        $plan = $this->plan([
            $this->activity('fine', 60),
            new Activity(
                'far',
                'c',
                60,
                skill: 'any',
                release: new Release($this->at('2080-01-01 08:00'), 'a part, expected 2080'),
            ),
            new Activity('after', 'c', 60, skill: 'any', predecessors: [new Predecessor('far')]),
        ]);
        $this->assertTimes($plan, 'fine', '2026-03-02 08:00', '2026-03-02 09:00');
        self::assertEqualsCanonicalizing(['far', 'after'], array_keys($plan->unplanned));
        self::assertStringContainsString('within 16 years', $plan->unplanned['far']->why);
    }

    public function test_a_shop_in_which_nearly_nothing_can_be_planned_has_a_plan_all_the_same(): void
    {
        foreach ([100, 12_000] as $count) {
            $activities = [$this->activity('fine', 60)];
            for ($number = 0; $number < $count; $number++) {
                $activities[] = new Activity("lost {$number}", 'b', 60, skill: 'engraving');
            }
            $problem = new Problem($this->at('2026-03-02 08:00'), $activities, [$this->worker(1)], [], ['b' => new Due($this->at('2026-03-03 08:00'))]);
            $improved = Improver::improve($problem, new Budget(2));
            self::assertSame(['fine'], array_keys($improved->best->assignments));
            self::assertCount($count, $improved->best->unplanned);
            self::assertGreaterThan(0, $improved->bestCost);
        }
    }

    public function test_a_circle_of_links_is_refused(): void
    {
        $this->expectException(ImpossibleProblem::class);
        $this->plan([$this->activity('a', 1, after: ['b']), $this->activity('b', 1, after: ['a'])]);
    }
}

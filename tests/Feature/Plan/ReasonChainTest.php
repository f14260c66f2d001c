<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Plan\PlanEntry;
use App\Pages\Sheet\ReasonChain;
use App\Pages\Sheet\ReasonStep;
use App\Pages\Sheet\ReasonStory;
use App\Queries\Build\WhyNotSooner;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** From the finish of a build back to today, a sentence a step. */
final class ReasonChainTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_each_step_says_what_it_waits_for_and_the_last_one_begins_today(): void
    {
        $build = $this->build();
        $chain = $this->chain($build);
        $steps = $chain->steps;
        $this->assertSame('pack or hand over', $steps[0]->name);
        $this->assertStringStartsWith(
            'Follows second set-up, inspection, photographs, weight, which ends', $steps[0]->because,
        );
        $this->assertStringContainsString(
            '18 days from the order (order the parts)', implode(' ', array_column($steps, 'because')),
        );
        $this->assertLessThanOrEqual(12, count($chain->stories), 'a dozen lines before it is opened');
        $this->assertSame(range(0, count($steps) - 1), array_merge(...array_map(
            static fn (ReasonStory $story): array => $story->steps, $chain->stories,
        )), 'and everything is in one of them');
        $last = $steps[count($steps) - 1];
        $this->assertSame(
            ['agree the specification', '2026-03-18T08:15:00Z', 'Can start now.'],
            [$last->name, $last->start, $last->because],
        );
        for ($index = 1; $index < count($steps); $index++) {
            $this->assertLessThanOrEqual($steps[$index - 1]->start, $steps[$index]->start, 'every step is earlier');
        }
    }

    public function test_the_chain_goes_through_other_builds_where_they_have_what_it_waits_for(): void
    {
        $this->build([], '2026-04-10');
        $other = $this->build([], '2026-08-31');
        DB::table('people')->update(
            [
                'skills' => json_encode(
                    ['design', 'necks', 'frets', 'bodies', 'joints', 'finish', 'electronics', 'set-up'],
                ),
            ],
        );
        DB::table('people')->where('id', $this->maker->id)->update(['active' => false]);
        app(\App\Planning\Plan\Planner::class)->replan('alone');
        $chain = $this->chain($other);
        $foreign = array_values(array_filter($chain->steps, static fn (ReasonStep $step): bool => $step->build === 1));
        $this->assertNotEmpty($foreign);
        $this->assertStringStartsWith('No. 1 ', $foreign[0]->name);
    }

    public function test_slack_is_told_in_working_hours(): void
    {
        $build = $this->build();
        $finish = PlanEntry::query()->where('build_id', $build->id)->max('finish');
        // Promised for the day it is ready: what is left of that working day; the day before: late by what was worked
        // until then.
        $day = (
            new \DateTimeImmutable((string) $finish, new \DateTimeZone('UTC'))
        )->setTimezone(new \DateTimeZone('Europe/Berlin'));
        $build->update(['promised_on' => $day->format('Y-m-d')]);
        $left = max(
            0,
            (17 * 60 - (60 * (int) $day->format('G') + (int) $day->format('i'))) / 60
                - ((int) $day->format('G') < 12 ? 0.5 : 0),
        );
        $this->assertSame(
            rtrim(rtrim(number_format($left, 1), '0'), '.').' working hours to spare',
            $this->chain($build)->slack,
        );
        $build->update(['promised_on' => $day->modify('-7 days')->format('Y-m-d')]);
        $this->assertStringEndsWith(' working hours late', (string) $this->chain($build)->slack);
        $build->update(['promised_on' => null]);
        $this->assertNull($this->chain($build)->slack);
    }

    public function test_a_build_that_cannot_be_planned_has_no_chain(): void
    {
        $build = $this->build();
        PlanEntry::query()->update(['start' => null, 'finish' => null, 'work_end' => null]);
        $this->assertEquals(new ReasonChain([], [], null), $this->chain($build));
    }

    private function chain(Build $build): ReasonChain
    {
        app()->forgetScopedInstances();

        return app(WhyNotSooner::class)->of($build->refresh());
    }
}

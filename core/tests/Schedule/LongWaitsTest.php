<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;

/** A reason names what lasted longest, not what was over last; taken away, the work comes sooner. */
final class LongWaitsTest extends TestCase
{
    use FixedShops;
    use Shops;

    public function test_a_part_that_was_waited_for_eleven_days_is_named_not_the_hour_of_somebody_elses_work_after_it(): void
    {
        $comes = $this->at('2026-03-27 08:00');
        $activities = fn (?int $instant): array => [
            new Activity('packing', 'two', 60, skill: 'any', release: new Release($comes, 'the carrier')),
            new Activity('before', 'one', 60, skill: 'any'),
            new Activity(
                'fitting', 'one', 120, skill: 'any', predecessors: [new Predecessor('before')],
                release: $instant === null ? null : new Release($instant, 'the bridge'),
            ),
        ];
        $dues = ['two' => new Due($this->at('2026-03-27 09:00')), 'one' => new Due($this->at('2026-06-01'))];
        $plan = $this->plan($activities($comes), [$this->worker(1)], dues: $dues);
        $fitting = $plan->assignments['fitting'];
        self::assertSame('2026-03-27 09:00', $this->local($fitting->start), 'packing is more urgent');
        self::assertSame([ReasonKind::Release, 'the bridge'], [$fitting->reason->kind, $fitting->reason->cause]);
        $sooner = $this->plan($activities(null), [$this->worker(1)], dues: $dues)->assignments['fitting'];
        self::assertSame('2026-03-18 09:00', $this->local($sooner->start), 'without the named cause it comes sooner');
    }

    public function test_of_all_that_had_a_fixture_meanwhile_the_longest_is_named(): void
    {
        $press = [new Demand('press', 1, true)];
        $activities = [
            new Activity('short', 'one', 60, skill: 'any', demands: $press),
            new Activity('long', 'two', 60, 5_760, 'any', demands: $press),
            new Activity('short again', 'three', 60, 60, 'any', demands: $press),
            new Activity('last', 'four', 60, skill: 'any', demands: $press),
        ];
        $plan = $this->plan($activities, [$this->worker(1)], ['press' => 1], [
            'one' => new Due($this->at('2026-03-18 12:00')), 'two' => new Due($this->at('2026-03-23 12:00')),
            'three' => new Due($this->at('2026-03-24 12:00')), 'four' => new Due($this->at('2026-05-01')),
        ]);
        $reason = $plan->assignments['last']->reason;
        self::assertSame([ReasonKind::Resource, 'press', 'long'], [$reason->kind, $reason->resource, $reason->activity]);
    }
}

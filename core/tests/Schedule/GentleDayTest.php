<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;

/** Whoever has a gentle day is given nothing that cannot be undone until it is over. */
final class GentleDayTest extends TestCase
{
    use Shops;

    private function gentle(int $until): Worker
    {
        $worker = $this->worker(1);

        return new Worker($worker->id, $worker->name, $worker->skills, $worker->calendar, [], $until);
    }

    public function test_what_cannot_be_undone_waits_for_the_next_day_and_the_rest_comes_first(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $tomorrow = $this->at('2026-03-03 00:00');
        $activities = [
            new Activity('rout', 'near', 120, skill: 'any', final: true),
            new Activity('sand', 'far', 60, skill: 'any'),
            new Activity('begun', 'far', 60, skill: 'any', worker: 1, startedAt: $now - 60, final: true),
        ];
        $dues = ['near' => new Due($now + 600), 'far' => new Due($now + 50_000)];
        $plan = Builder::plan(new Problem($now, $activities, [$this->gentle($tomorrow)], [], $dues));
        self::assertGreaterThanOrEqual($tomorrow, $plan->assignments['rout']->start);
        self::assertLessThan($tomorrow, $plan->assignments['sand']->start);
        $usual = Builder::plan(new Problem($now, $activities, [$this->worker(1)], [], $dues));
        self::assertLessThan($tomorrow, $usual->assignments['rout']->start);
    }

    public function test_somebody_else_does_it_meanwhile(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $tomorrow = $this->at('2026-03-03 00:00');
        $plan = Builder::plan(new Problem(
            $now, [new Activity('rout', 'near', 120, skill: 'any', final: true)], [$this->gentle($tomorrow), $this->worker(2)], [], ['near' => new Due($now + 600)],
        ));
        self::assertSame(2, $plan->assignments['rout']->worker);
        self::assertLessThan($tomorrow, $plan->assignments['rout']->start);
    }
}

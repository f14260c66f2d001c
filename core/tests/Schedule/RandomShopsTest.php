<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Problem;

/** Plans of seeded random shops, judged minute by minute by a verifier that shares no code with the builder. */
final class RandomShopsTest extends TestCase
{
    use Shops;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_nothing_is_over_capacity_and_every_link_and_calendar_is_kept(int $seed): void
    {
        $problem = $this->randomShop($seed);
        $plan = Builder::plan($problem);
        self::assertCount(count($problem->activities), $plan->assignments);
        self::assertEquals($plan, Builder::plan($this->randomShop($seed)), 'the same shop, the same plan');
        $this->verify($problem, $plan);
    }

    private function verify(Problem $problem, Plan $plan): void
    {
        $use = $busy = [];
        foreach ($plan->assignments as $id => $assignment) {
            $activity = $problem->activities[$id];
            self::assertGreaterThanOrEqual($problem->now, $assignment->start);
            self::assertSame($activity->hold, $assignment->finish - $assignment->workEnd);
            foreach ($activity->predecessors as $before) {
                self::assertGreaterThanOrEqual($plan->assignments[$before->activity]->finish, $assignment->start);
            }
            $worked = 0;
            foreach ($assignment->sittings ?: [[$assignment->start, $assignment->workEnd]] as [$from, $to]) {
                for ($minute = $from; $minute < $to; $minute++) {
                    if ($this->isWorkingMinute($minute)) {
                        $worked++;
                        $busy[$assignment->worker][$minute] = ($busy[$assignment->worker][$minute] ?? 0) + 1;
                    }
                }
            }
            self::assertSame($activity->work, $worked, 'the labour is done in working minutes');
            foreach ($activity->demands as $demand) {
                $taken = $demand->throughHold || $assignment->sittings === []
                    ? [[$assignment->start, $demand->throughHold ? $assignment->finish : $assignment->workEnd]]
                    : $assignment->sittings;
                foreach ($taken as [$from, $to]) {
                    for ($minute = $from; $minute < $to; $minute++) {
                        $use[$demand->resource][$minute] = ($use[$demand->resource][$minute] ?? 0) + $demand->quantity;
                    }
                }
            }
        }
        foreach ($busy as $minutes) {
            self::assertSame(1, max($minutes), 'one thing at a time');
        }
        foreach ($use as $resource => $minutes) {
            self::assertLessThanOrEqual($problem->capacities[$resource], max($minutes), $resource);
        }
    }

    private function isWorkingMinute(int $instant): bool
    {
        [$weekday, $hour, $minute] = array_map(
            intval(...),
            explode(' ', (new \DateTimeImmutable('@'.$instant * 60))->setTimezone($this->zone())->format('N G i')),
        );
        $ofDay = 60 * $hour + $minute;

        return $weekday <= 5 && (($ofDay >= 480 && $ofDay < 720) || ($ofDay >= 750 && $ofDay < 1020));
    }
}

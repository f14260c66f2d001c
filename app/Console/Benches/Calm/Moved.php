<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;

/** How many of the operations of the next three days move with an event, without those that cannot but move. */
final readonly class Moved
{
    private const NEARLY = 15;

    private function __construct(public int $planned, public int $person, public int $start, public bool $wins)
    {
    }

    public static function by(Event $event, Plan $before, Plan $after): self
    {
        $problem = $event->problem;
        $excused = self::after($event, $before);
        $planned = $person = $start = 0;
        foreach ($before->assignments as $id => $one) {
            $activity = $problem->activities[$id] ?? null;
            $now = $after->assignments[$id] ?? null;
            if (
                $activity === null || $now === null || $activity->isUnderWay() || isset($excused[$id]) || $one->work === 0
                || $one->start < $problem->now || $one->start >= $problem->now + Objective::NEAR
            ) {
                continue;
            }
            $isSame = $one->worker === $event->person && $event->person !== null;
            foreach ($activity->demands as $demand) {
                $isSame = $isSame || $demand->resource === $event->resource;
            }
            $by = abs($now->start - $one->start);
            if ($isSame && $one->start < $problem->now + $event->lost) {
                continue;
            }
            $planned++;
            $person += $now->worker === $one->worker ? 0 : 1;
            $start += $by > self::NEARLY ? 1 : 0;
        }
        $late = static fn (Plan $plan): array => (new Objective)->lateness($problem, new Plan(
            array_intersect_key($plan->assignments, $problem->activities), [],
        ));

        return new self($planned, $person, $start, count($late($after)) < count($late($before)));
    }

    public function isCalm(): bool
    {
        return $this->wins || (10 * $this->person <= $this->planned && 5 * $this->start <= $this->planned);
    }

    /** @return array<int|string, true> the operation itself and those after it in its build */
    private static function after(Event $event, Plan $before): array
    {
        $after = $event->activity === null ? [] : [$event->activity => true];
        $build = $event->activity === null ? null : ($event->problem->activities[$event->activity]->build ?? null);
        foreach ($event->problem->activities as $id => $activity) {
            foreach ($activity->predecessors as $one) {
                if (isset($after[$one->activity]) && ($build === null || $activity->build === $build)) {
                    $after[$id] = true;
                }
            }
        }

        return $after;
    }
}

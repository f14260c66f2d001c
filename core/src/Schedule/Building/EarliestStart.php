<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;

/** From when on an activity can be begun, people and resources aside, and what that hangs on. */
final readonly class EarliestStart
{
    /** @param  array<int|string, int>  $heldBack  not before this instant, so that a window keeps, by activity */
    public function __construct(private Problem $problem, private array $heldBack)
    {
    }

    /**
     * @param  array<int|string, Assignment>  $assignments  what is planned so far
     * @return array{int, Reason}
     */
    public function of(Activity $activity, array $assignments): array
    {
        $from = $this->problem->now;
        $reason = Reason::now();
        foreach ($activity->predecessors as $predecessor) {
            $over = ($assignments[$predecessor->activity] ?? null)?->finish;
            if ($over !== null && $over + $predecessor->lag > $from) {
                $from = $over + $predecessor->lag;
                $reason = Reason::link($predecessor);
            }
        }
        if ($activity->release !== null && $activity->release->instant > $from) {
            [$from, $reason] = [$activity->release->instant, Reason::release($activity->release)];
        }
        foreach ($this->fixed($activity, $assignments) as [$instant, $why]) {
            if ($instant !== null && $instant > $from) {
                [$from, $reason] = [$instant, $why];
            }
        }

        return [$from, $reason];
    }

    /**
     * @param  array<int|string, Assignment>  $assignments
     * @return iterable<array{int|null, Reason}>
     */
    private function fixed(Activity $activity, array $assignments): iterable
    {
        if ($activity->pin !== null) {
            $behind = $activity->pin->after === null ? null : ($assignments[$activity->pin->after] ?? null);
            yield [$behind?->workEnd, Reason::pin($activity->pin->after)];
            yield [$activity->pin->from, Reason::pin(null)];
        }
        if ($activity->announced?->keepsTime === true) {
            yield [$activity->announced->start, Reason::announced()];
        }
        if (isset($this->heldBack[$activity->id])) {
            yield [$this->heldBack[$activity->id], Reason::window()];
        }
    }
}

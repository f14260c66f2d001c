<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Plan\Unplanned;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Predecessor;

/** A schedule as the plan that it is, with words for what was numbers. */
final readonly class Written
{
    public function __construct(private Tables $tables)
    {
    }

    /**
     * @param  list<int>  $list  in which order they were placed
     * @param  array<int, int>  $people  who was chosen, by activity
     * @param  array<int, int>  $announcedStart  not before these instants, since people had been told so, by activity
     */
    public function plan(State $state, array $list, array $people, array $announcedStart): Plan
    {
        $assignments = $unplanned = [];
        $waits = new LongWaits($this->tables, $state, $list);
        foreach ($list as $position => $index) {
            $activity = $this->tables->activities[$index];
            if (isset($state->unplanned[$index])) {
                $unplanned[$activity->id] = new Unplanned($activity->id, $state->unplanned[$index]);

                continue;
            }
            $person = $state->person[$index];
            $assignments[$activity->id] = new Assignment(
                $activity->id,
                $state->start[$index],
                $state->workEnd[$index],
                $state->finish[$index],
                $person < 0 ? $activity->worker : $this->tables->people->workers[$person]->id,
                $this->reason($state, $index, $waits->reason($index)),
                $state->work[$index],
                isset($state->shares[$index]) ? $this->tables->activities[$state->shares[$index]]->id : null,
                array_map(
                    static fn (int $at) => $activity->windows[$at],
                    $state->missed[$index] ?? [],
                ),
                $state->sittings[$index] ?? [],
                $position,
                isset($people[$index]) && $people[$index] === $person,
                $announcedStart[$index] ?? null,
                isset($state->helper[$index]) ? $this->tables->people->workers[$state->helper[$index][0]]->id : null,
                $state->helper[$index][1] ?? null,
                $state->runsUntil[$index] ?? null,
            );
        }

        return new Plan($assignments, $unplanned);
    }

    /** @param  array{int, int, int}  $waits  what is waited for, for which activity and for which resource */
    private function reason(State $state, int $index, array $waits): Reason
    {
        $activity = $this->tables->activities[$index];
        [$wait, $for, $of] = $waits;
        $other = $for < 0 ? null : $this->tables->activities[$for]->id;
        $resource = $of < 0 ? '' : $this->tables->resources->names[$of];

        return match ($wait) {
            Wait::STARTED => Reason::started(),
            Wait::LINK => Reason::link($this->link($state, $index, $for)),
            Wait::RELEASE => $activity->release === null ? Reason::now() : Reason::release($activity->release),
            Wait::PERSON => Reason::person($other ?? $activity->id),
            Wait::RESOURCE => Reason::resource($resource, $other ?? $activity->id),
            Wait::OUTAGE => Reason::outage($this->outage($of, $state->start[$index])),
            Wait::HOURS => Reason::hours($resource),
            Wait::SITTING => Reason::sitting($other),
            Wait::HANDS => Reason::hands($other),
            Wait::AWAY => Reason::calendar($other),
            Wait::PIN => Reason::pin(null),
            Wait::PINNED_BEHIND => Reason::pin($other),
            Wait::ANNOUNCED => Reason::announced(),
            Wait::WINDOW => Reason::window(),
            Wait::SET_UP => Reason::setUp($resource, $other ?? $activity->id),
            default => Reason::now(),
        };
    }

    /** The link that was over last: of two to the same activity, the longer one. */
    private function link(State $state, int $index, int $for): Predecessor
    {
        $latest = null;
        foreach ($this->tables->activities[$index]->predecessors as $one) {
            if (
                ($this->tables->index[$one->activity] ?? -1) === $for
                && ($latest === null || $one->lag > $latest->lag)
            ) {
                $latest = $one;
            }
        }

        return $latest ?? new Predecessor($this->tables->activities[$for]->id);
    }

    /** The outage that was over last before an instant. */
    private function outage(int $resource, int $instant): Outage
    {
        $outages = $this->tables->resources->outages[$resource];
        usort($outages, static fn (Outage $a, Outage $b): int => $b->to <=> $a->to);
        foreach ($outages as $outage) {
            if ($outage->to <= $instant) {
                return $outage;
            }
        }

        return $outages[count($outages) - 1];
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Worker;

/** The people with what they have to do; finds who would be done first. */
final class Workforce
{
    /** @var array<int, Agenda> by person */
    private array $agendas = [];

    /** @var array<string, array<int, Agenda>> by skill */
    private array $skilled = [];

    /** @param  list<Worker>  $workers */
    public function __construct(array $workers)
    {
        foreach ($workers as $worker) {
            $this->agendas[$worker->id] = new Agenda($worker);
        }
    }

    /**
     * Who may do an activity: who has begun it, who it was pinned to or announced for, or everybody with the skill.
     *
     * @return array<int, Agenda>
     */
    public function able(Activity $activity): array
    {
        if ($activity->worker !== null && isset($this->agendas[$activity->worker])) {
            return [$activity->worker => $this->agendas[$activity->worker]];
        }
        $skilled = $this->skilled[$activity->skill ?? ''] ??= array_filter(
            $this->agendas,
            static fn (Agenda $agenda): bool => $activity->skill === null
                || in_array($activity->skill, $agenda->worker->skills, true),
        );
        $fixed = $activity->pin->worker ?? $activity->announced?->worker;

        return $fixed !== null && isset($skilled[$fixed]) ? [$fixed => $skilled[$fixed]] : $skilled;
    }

    /**
     * The person who would be done first.
     *
     * @param  int  $estimated  in minutes by the house standard, above zero
     * @return array{Agenda, int, int, int, int|string|null}|null person, working minute at which it begins, their
     *   working minutes, instant of the end, and what they were busy with until then
     */
    public function earliest(Activity $activity, int $from, int $estimated): ?array
    {
        return (
            $activity->oneSitting && ! $activity->isUnderWay() ? $this->first($activity, $from, $estimated, true) : null
        )
            // Nobody able has a stretch that is long enough: over a break then, and that is reported.
            ?? $this->first($activity, $from, $estimated, false);
    }

    /** @return array{Agenda, int, int, int, int|string|null}|null */
    private function first(Activity $activity, int $from, int $estimated, bool $oneSitting): ?array
    {
        $best = null;
        foreach ($this->able($activity) as $agenda) {
            $work = $agenda->worker->minutes($activity->skill, $estimated);
            $gap = $agenda->gap($from, $work, $oneSitting);
            $end = $gap === null ? null : $agenda->worker->calendar->endOf($gap[0] + $work);
            if ($end !== null && ($best === null || $end < $best[3])) {
                $best = [$agenda, $gap[0], $work, $end, $gap[1]];
            }
        }

        return $best;
    }
}

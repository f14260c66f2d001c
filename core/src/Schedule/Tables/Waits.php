<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** Says of a place what kept it from being sooner. */
final readonly class Waits
{
    /** Who is away for longer, in minutes, is what is really waited for; a night or a weekend is not worth a word. */
    private const LONG_AWAY = 4_320;

    /** Minutes in which somebody would have begun something that can be left. */
    private const LONG_FREE = 30;

    public function __construct(private Tables $tables, private Agendas $agendas)
    {
    }

    /** What really is waited for: the person's work before, a person who is away for long, or what it was already. */
    public function explain(State $state, int $activity, Spot $spot, Spot $ready, int $at, int $of): void
    {
        [$spot->wait, $spot->for, $spot->of] = [$ready->wait, $ready->for, $ready->of];
        [$spot->ready, $spot->clear, $spot->taken] = [$ready->start, $at, $of];
        if ($of >= 0) {
            $this->on($state, $spot, $at, $of);
        }
        $later = $spot->start - $at;
        if ($later <= 0) {
            return;
        }
        $busyWith = $this->tables->people->busyWith($state, $spot->person, $spot->start, $at);
        if (
            $this->tables->activities[$activity]->oneSitting
            && $this->agendas->freeMinutes($state, $spot->person, $at, $spot->start) >= self::LONG_FREE
        ) {
            // They are free before, but not for as long as it takes in one go.
            [$spot->wait, $spot->for, $spot->of] = [Wait::SITTING, $busyWith ?? $spot->for, -1];

            return;
        }
        if ($busyWith !== null) {
            [$spot->wait, $spot->for, $spot->of] = [Wait::PERSON, $busyWith, -1];
        } elseif (
            $spot->wait === Wait::NOTHING
            || ($later > self::LONG_AWAY && ($spot->wait === Wait::LINK || $spot->wait === Wait::RESOURCE))
        ) {
            [$spot->wait, $spot->of] = [Wait::AWAY, -1];
        }
    }

    public function on(State $state, Spot $spot, int $until, int $resource): void
    {
        $by = $state->free[$resource][$until] ?? -1;
        $spot->wait = match (true) {
            $this->tables->resources->isDownUntil($resource, $until) => Wait::OUTAGE,
            $by < 0 && $this->tables->resources->opensAt($resource, $until) => Wait::HOURS,
            default => Wait::RESOURCE,
        };
        $spot->for = $by;
        $spot->of = $resource;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Time\NoWorkingTime;

/**
 * Serial schedule generation (CALCULATIONS P3): one activity after another, each as early as its predecessors, its
 * release, the people and the resources allow.
 */
final class Decoder
{
    /** Over a wait of so many minutes it is asked what lasted longest. */
    private const LONG = 720;

    /** Whether labour may be begun in a gap that is too short for it. */
    private const CUTS = true;

    private readonly Agendas $agendas;

    private readonly Rooms $rooms;

    private readonly Seeker $seeker;

    private readonly SettingsKept $settings;

    private readonly Windows $windows;

    public function __construct(public readonly Tables $tables)
    {
        $this->agendas = new Agendas($tables->people);
        $this->rooms = new Rooms($tables);
        $this->seeker = new Seeker($tables, $this->agendas, $this->rooms);
        $this->windows = new Windows($tables);
        $this->settings = new SettingsKept($tables, $this->seeker, $this->rooms);
    }

    /** Nothing planned yet. */
    public function empty(): State
    {
        $state = new State;
        $this->agendas->begin($state);
        $this->rooms->begin($state);

        return $state;
    }

    /**
     * @param  int  $chosen  who is to do it, if they can; −1 for whoever is done first
     * @param  int  $heldBack  not before this instant, so that a window keeps
     * @param  int  $announcedStart  not before this instant, since people were told so
     */
    public function place(State $state, int $index, int $chosen, int $heldBack, int $announcedStart = 0): void
    {
        $activity = $this->tables->activities[$index];
        $why = $this->impossible($state, $index, $activity);
        if ($why !== null) {
            $state->unplanned[$index] = $why;

            return;
        }
        try {
            match (true) {
                $activity->holdUntil !== null => $this->hold($state, $index, $this->tables->heldUntil[$index] ?? $activity->holdUntil),
                $activity->startedAt !== null => $this->continue($state, $index),
                default => $this->begin($state, $index, $chosen, $heldBack, $announcedStart),
            };
        } catch (NoWorkingTime $never) {
            $state->unplanned[$index] = $never->getMessage();
        }
    }

    private function impossible(State $state, int $index, Activity $activity): ?string
    {
        if ($activity->startedAt === null && $activity->holdUntil === null) {
            if ($state->unplanned !== []) {
                foreach ($this->tables->before[$index] as [$before]) {
                    if (isset($state->unplanned[$before])) {
                        return 'It waits for an operation that cannot be planned.';
                    }
                }
            }
            if (isset($this->tables->lacking[$index])) {
                return $this->tables->lacking[$index];
            }
        }

        return $activity->work > 0 && $this->tables->able[$index] === []
            ? "Nobody who works in the shop has the skill “{$activity->skill}”. Give it to someone under People, or "
                .'give somebody who has it working hours.'
            : null;
    }

    private function hold(State $state, int $index, int $until): void
    {
        $spot = new Spot;
        $spot->start = $spot->end = $this->tables->now;
        $spot->wait = Wait::STARTED;
        $spot->runsUntil = $spot->start + $this->tables->alone[$index];
        $this->keep($state, $index, $spot, $spot->start, max($until, $spot->runsUntil));
    }

    /** Work under way goes on with the person who began it, on whatever it occupies already. */
    private function continue(State $state, int $index): void
    {
        $spot = new Spot;
        $now = $spot->start = $spot->end = $this->tables->now;
        $spot->wait = Wait::STARTED;
        foreach ($this->tables->demands[$index] as [, $resource]) {
            $until = $this->tables->resources->backFrom($resource, $now);
            if ($until > $spot->start) {
                $spot->start = $spot->end = $until;
                [$spot->wait, $spot->of] = [Wait::OUTAGE, $resource];
            }
        }
        foreach ($this->tables->demands[$index] as [, $resource, $quantity]) {
            if ($quantity === 0 && $this->tables->resources->openFrom($resource, $spot->start) > $spot->start) {
                $spot->start = $spot->end = $this->tables->resources->openFrom($resource, $spot->start);
                [$spot->wait, $spot->of] = [Wait::HOURS, $resource];
            }
        }
        if ($this->tables->work[$index] > 0) {
            $found = $this->seeker->person($state, $index, $spot->start, $this->tables->activities[$index]->sittings);
            [$found->wait, $found->for, $found->of] = [$spot->wait, -1, $spot->of];
            $spot = $found;
        }
        // It goes on at the first working minute, but what it occupies it occupies from now on.
        $this->keep($state, $index, $spot, $now, max($spot->end, $spot->runsUntil) + $this->tables->hold[$index]);
    }

    private function begin(State $state, int $index, int $chosen, int $heldBack, int $announcedStart): void
    {
        $work = $this->tables->work[$index];
        $ready = $this->ready($state, $index, $heldBack);
        $spot = $this->seeker->seek($state, $index, $ready, $work, $chosen, self::CUTS);
        if ($spot->start < $announcedStart && ! $this->agendas->wouldIdle($state, $spot, $announcedStart)) {
            $ready->start = $announcedStart;
            [$ready->wait, $ready->for] = [Wait::ANNOUNCED, -1];
            $spot = $this->seeker->seek($state, $index, $ready, $work, $chosen, self::CUTS);
        }
        $windows = $this->tables->activities[$index]->windows;
        $missed = $windows === [] ? [] : $this->windows->missed($state, $index, $spot->start);
        $sanding = 0;
        while ($missed !== [] && $this->windows->sanding($index, $missed) > $sanding) {
            $sanding = $this->windows->sanding($index, $missed);
            // Not before where it was missed: begun in time nothing would have to be sanded. With the sanding it may be
            // somebody else's, wait for something else, and miss another window.
            $later = clone $spot;
            $spot = $this->seeker->seek($state, $index, $later, $work + $sanding, $chosen, self::CUTS);
            $missed = $this->windows->missed($state, $index, $spot->start);
        }
        if ($this->tables->hasHours[$index] && $this->tables->resources->isBeyond($spot->start)) {
            throw NoWorkingTime::together();
        }
        $shared = $this->tables->station[$index] < 0
            ? null
            : $this->settings->shared($state, $index, $spot, $ready, $work + $sanding, $chosen);
        if ($shared !== null && ($windows === [] || $this->windows->missed($state, $index, $shared[0]->start) === $missed)) {
            [$spot, $since, $whose] = $shared;
            $this->rooms->book($state, $this->tables->station[$index], $since, $spot->start, 1, $index);
            $state->shares[$index] = $whose;
        }
        if ($missed !== []) {
            $state->missed[$index] = $missed;
        }
        $this->keep($state, $index, $spot, $spot->start, max($spot->end, $spot->runsUntil) + $this->tables->hold[$index]);
    }

    /** From when on it can be begun, people and resources aside, and what that hangs on. */
    private function ready(State $state, int $index, int $heldBack): Spot
    {
        $spot = new Spot;
        $from = $this->tables->now;
        foreach ($this->tables->before[$index] as [$before, $lag]) {
            if (isset($state->finish[$before]) && $from < $state->finish[$before] + $lag) {
                $from = $state->finish[$before] + $lag;
                [$spot->wait, $spot->for] = [Wait::LINK, $before];
            }
        }
        $behind = $this->tables->behind[$index];
        if ($behind !== null && ($state->workEnd[$behind] ?? 0) > $from) {
            $from = $state->workEnd[$behind];
            [$spot->wait, $spot->for] = [Wait::PINNED_BEHIND, $behind];
        }
        if ($this->tables->earliest[$index] > $from) {
            $from = $this->tables->earliest[$index];
            [$spot->wait, $spot->for] = [$this->tables->because[$index], -1];
        }
        if ($heldBack > $from) {
            $from = $heldBack;
            [$spot->wait, $spot->for] = [Wait::WINDOW, -1];
        }
        $spot->start = $from;

        return $spot;
    }

    private function keep(State $state, int $index, Spot $spot, int $from, int $finish): void
    {
        $sittings = $spot->sittings === [] ? [[$spot->start, $spot->end]] : $spot->sittings;
        foreach ($spot->work > 0 ? $sittings : [] as [$start, $end]) {
            $this->agendas->book($state, $spot->person, $start, $end, $index);
        }
        foreach ($this->tables->demands[$index] as [, $resource, $quantity, $through]) {
            if ($through) {
                $this->rooms->book($state, $resource, $from, $finish, $quantity, $index);
            } elseif ($spot->givesUp) {
                foreach ($sittings as [$start, $end]) {
                    $until = $end === $spot->end ? max($end, $spot->runsUntil) : $end;
                    $this->rooms->book($state, $resource, $start, $until, $quantity, $index);
                }
            } else {
                $this->rooms->book($state, $resource, $from, max($spot->end, $spot->runsUntil), $quantity, $index);
            }
        }
        if ($this->tables->setting[$index] >= 0) {
            $state->standing[$this->tables->setting[$index]][] = [max($spot->end, $spot->runsUntil), $index];
        }
        if ($spot->helper >= 0) {
            $this->agendas->book($state, $spot->helper, $spot->helpsFrom, $spot->end, $index);
            $state->helper[$index] = [$spot->helper, $spot->helpsFrom];
        }
        if ($spot->runsUntil > $spot->end) {
            $state->runsUntil[$index] = $spot->runsUntil;
        }
        if ($spot->sittings !== []) {
            $state->sittings[$index] = $spot->sittings;
        }
        if ($spot->start - $spot->ready > self::LONG && $spot->ready > 0) {
            $state->long[$index] = [$spot->ready, $spot->clear, $spot->taken];
        }
        $state->start[$index] = $spot->person < 0 ? $from : $spot->start;
        $state->workEnd[$index] = $spot->end;
        $state->finish[$index] = $finish;
        $state->person[$index] = $spot->person;
        $state->work[$index] = $spot->work;
        $state->wait[$index] = $spot->wait;
        $state->for[$index] = $spot->for;
        $state->of[$index] = $spot->of;
    }
}

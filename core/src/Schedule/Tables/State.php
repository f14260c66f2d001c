<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/**
 * A schedule as far as it is built: a copy costs little, since lists are shared until one of the two writes. People,
 * resources and activities by their numbers.
 */
final class State
{
    /** @var array<int, array<int, int>> by person: instants from which they are free */
    public array $from = [];

    /** @var array<int, array<int, int>> by person: instants until which they are free */
    public array $to = [];

    /** @var array<int, array<int, int>> by person: the stretch of work that each free time lies in */
    public array $stretch = [];

    /** @var array<int, int> by person: stretches that are laid out */
    public array $laidOut = [];

    /** @var array<int, array<int, int>> by person: the activity whose labour ends at an instant */
    public array $ended = [];

    /** @var array<int, array<int, int>> by need: instants from which there is as much */
    public array $gapFrom = [];

    /** @var array<int, array<int, int>> by need: instants until which there is as much */
    public array $gapTo = [];

    /** @var array<int, array<int, int>> by resource of which there are several: instants at which its use changes */
    public array $at = [];

    /** @var array<int, array<int, int>> by resource of which there are several: its use from there on */
    public array $used = [];

    /** @var array<int, array<int, int>> by resource: the activity whose use ends at an instant; −1 for an outage */
    public array $free = [];

    /** @var array<int, list<array{int, int}>> by setting: since when it stands, and by which activity */
    public array $standing = [];

    /** @var array<int, int> by activity */
    public array $start = [];

    /** @var array<int, int> by activity */
    public array $workEnd = [];

    /** @var array<int, int> by activity */
    public array $finish = [];

    /** @var array<int, int> by activity: the person, −1 for nobody */
    public array $person = [];

    /** @var array<int, int> by activity: the person's working minutes */
    public array $work = [];

    /** @var array<int, int> by activity whose set-up was spared: whose it is */
    public array $shares = [];

    /** @var array<int, list<int>> by activity: which of its windows have closed */
    public array $missed = [];

    /** @var array<int, list<array{int, int}>> by activity that is taken up again: its sittings, from and to */
    public array $sittings = [];

    /** @var array<int, array{int, int, int}> by activity that waited for long: ready since, clear since, for which resource */
    public array $long = [];

    /** @var array<int, array{int, int}> by activity with two people: who helps, and since when */
    public array $helper = [];

    /** @var array<int, int> by activity: until when its machine runs by itself */
    public array $runsUntil = [];

    /** @var array<int, int> by activity: what kept it from beginning sooner, as a Wait */
    public array $wait = [];

    /** @var array<int, int> by activity: the activity that it waited for, −1 for none */
    public array $for = [];

    /** @var array<int, int> by activity: the resource that it waited for, −1 for none */
    public array $of = [];

    /** @var array<int, int> by build: it cannot be over before this instant; when all is placed, it is over then */
    public array $over = [];

    /** Whether nobody asks what it waited for: then it is not looked up. */
    public bool $plain = false;

    /** What it costs at the least; when all is placed, what it costs. */
    public int $cost = 0;

    /** @var array<int, string> by activity that has no place: why */
    public array $unplanned = [];
}

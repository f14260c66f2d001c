<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** A place for an activity: whose time, from when to when, and what kept it from being sooner. */
final class Spot
{
    public int $person = -1;

    public int $start = 0;

    /** The end of the labour. */
    public int $end = PHP_INT_MAX;

    /** The person's working minutes. */
    public int $work = 0;

    /** @var list<array{int, int}> its sittings where it is taken up again, else none */
    public array $sittings = [];

    /** Whether its station is given up between the sittings. */
    public bool $givesUp = false;

    /** From when on it could have been begun, people and resources aside. */
    public int $ready = 0;

    /** From when on all that it needs was free. */
    public int $clear = 0;

    /** The resource that was waited for until then, −1 for none. */
    public int $taken = -1;

    /** Who helps until the end of the labour, −1 for nobody. */
    public int $helper = -1;

    public int $helpsFrom = 0;

    /** Until when the machine runs by itself; the end of the labour where none does. */
    public int $runsUntil = 0;

    public int $wait = Wait::NOTHING;

    public int $for = -1;

    public int $of = -1;
}

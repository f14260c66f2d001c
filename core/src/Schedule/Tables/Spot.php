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

    public int $wait = Wait::NOTHING;

    public int $for = -1;

    public int $of = -1;
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** What an activity waits for, as numbers for the loops of the search. */
final class Wait
{
    public const NOTHING = 0;

    public const STARTED = 1;

    public const LINK = 2;

    public const RELEASE = 3;

    public const PERSON = 4;

    public const RESOURCE = 5;

    public const AWAY = 6;

    public const PIN = 7;

    public const PINNED_BEHIND = 8;

    public const ANNOUNCED = 9;

    public const WINDOW = 10;

    public const SET_UP = 11;

    public const OUTAGE = 12;

    public const HOURS = 13;

    public const HANDS = 14;

    public const SITTING = 15;
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

enum ReasonKind: string
{
    case Now = 'now';
    case Started = 'started';
    case Link = 'link';
    case Lag = 'lag';
    case Release = 'release';
    case Person = 'person';
    case Resource = 'resource';
    case Calendar = 'calendar';
    case Outage = 'outage';
    case Climate = 'climate';
    case Pin = 'pin';
    case Announced = 'frozen';
    case Window = 'window';
    case SetUp = 'set-up';
    case Hours = 'hours';
    case Hands = 'hands';
    case Sitting = 'sitting';
}

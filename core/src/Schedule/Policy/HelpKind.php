<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

/** What a shop could have more of, or do otherwise. */
enum HelpKind: string
{
    case Station = 'station';
    case Skill = 'skill';
    case Overtime = 'overtime';
    case Earlier = 'earlier';
    case Promise = 'promise';
}

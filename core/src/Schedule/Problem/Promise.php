<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** How firmly a date was given: a show that opens, a client's date, a wish. */
enum Promise: string
{
    case Immovable = 'immovable';
    case Promised = 'promised';
    case Wished = 'wished';

    public function words(): string
    {
        return match ($this) {
            self::Immovable => 'immovable: a show, a contest',
            self::Promised => 'promised',
            self::Wished => 'wished',
        };
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** How firmly a date was given: a show that opens, a client's date, a wish. */
enum Promise: string
{
    case Immovable = 'immovable';
    case Promised = 'promised';
    case Wished = 'wished';

    /** What a minute of lateness weighs against another promise's; house convention. */
    public function weight(): int
    {
        return match ($this) {
            self::Immovable => 10,
            self::Promised => 3,
            self::Wished => 1,
        };
    }
}

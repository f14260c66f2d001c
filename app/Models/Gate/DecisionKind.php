<?php

declare(strict_types=1);

namespace App\Models\Gate;

/** What is decided where a reading lies outside of its tolerance. */
enum DecisionKind: string
{
    case Accepted = 'accepted';
    case Reworked = 'reworked';
    case Scrapped = 'scrapped';
    case LetThrough = 'let-through';

    public function words(): string
    {
        return match ($this) {
            self::Accepted => 'accepted',
            self::Reworked => 'to be reworked',
            self::Scrapped => 'scrapped',
            self::LetThrough => 'let through',
        };
    }
}

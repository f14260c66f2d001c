<?php

declare(strict_types=1);

namespace App\Models\Parts;

/** Why the stock of a part changes. */
enum MovementKind: string
{
    case Arrived = 'arrived';
    case Taken = 'taken';
    case PutBack = 'put-back';
    case Used = 'used';
    case Counted = 'counted';
    case ThrownAway = 'thrown-away';
    case SentBack = 'sent-back';

    /** Used by the work, so that it says how much is needed in a year. */
    public function isUse(): bool
    {
        return in_array($this, [self::Taken, self::PutBack, self::Used], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Arrived => 'came',
            self::Taken => 'taken for a build',
            self::PutBack => 'put back',
            self::Used => 'used in the shop',
            self::Counted => 'found otherwise at a stocktake',
            self::ThrownAway => 'thrown away',
            self::SentBack => 'sent back',
        };
    }
}

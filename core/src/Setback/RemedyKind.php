<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** What can be done about a setback. */
enum RemedyKind: string
{
    case Mend = 'mend';
    case Again = 'again';
    case FromStock = 'stock';
    case FromBuild = 'build';
    case TakeWhatIsLeft = 'left';
    case Keep = 'keep';
    case WriteOff = 'write-off';
    case Wait = 'wait';

    /** Whether the old piece leaves the instrument, so that it is asked what becomes of it. */
    public function replaces(): bool
    {
        return in_array($this, [self::Again, self::FromStock, self::FromBuild], true);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** How a piece lies on a board. */
enum Turn: string
{
    case Along = 'along';
    case Half = 'half';
    /** Across the grain: weak. */
    case Across = 'across';

    public function words(): string
    {
        return match ($this) {
            self::Along => 'along the grain',
            self::Half => 'along the grain, the other way round',
            self::Across => 'across the grain',
        };
    }
}

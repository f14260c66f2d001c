<?php

declare(strict_types=1);

namespace Regimen\Costing;

enum KitState: string
{
    case Needed = 'needed';
    case Ordered = 'ordered';
    case Arrived = 'arrived';
    case Used = 'used';

    public function isInTheShop(): bool
    {
        return $this === self::Arrived || $this === self::Used;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Costing;

/** How a price is made of what something costs. They are named, and never mixed (CALCULATIONS M2). */
enum PriceWay: string
{
    case Margin = 'margin';
    case MarkUp = 'mark-up';

    public function words(): string
    {
        return match ($this) {
            self::Margin => 'a margin: a share of the price',
            self::MarkUp => 'a mark-up: a share of the cost',
        };
    }
}

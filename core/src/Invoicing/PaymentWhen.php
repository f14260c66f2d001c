<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** When a part of the price is to be paid. */
enum PaymentWhen: string
{
    case Order = 'order';
    case Stage = 'stage';
    case Delivery = 'delivery';

    public function words(): string
    {
        return match ($this) {
            self::Order => 'when it is ordered',
            self::Stage => 'when a stage is done',
            self::Delivery => 'before it is handed over',
        };
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** What a house keeps when a commission is cancelled. */
enum RefundRule: string
{
    case Work = 'work';
    case Deposit = 'deposit';
    case Either = 'either';

    public function words(): string
    {
        return match ($this) {
            self::Work => 'what was done and bought for it and cannot be used elsewhere',
            self::Deposit => 'the deposit',
            self::Either => 'the deposit, or what was done and bought where that is more',
        };
    }
}

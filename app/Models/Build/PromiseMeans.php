<?php

declare(strict_types=1);

namespace App\Models\Build;

/** For what a promise is given. */
enum PromiseMeans: string
{
    case Shop = 'shop';
    case Sent = 'sent';
    case Hands = 'hands';

    public function words(): string
    {
        return match ($this) {
            self::Shop => 'ready in the shop, to be collected',
            self::Sent => 'handed to the carrier',
            self::Hands => 'in the client’s hands',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Client;

/** What a client is written about. */
enum LetterKind: string
{
    case Confirmation = 'confirmation';
    case Decision = 'decision';
    case Delay = 'delay';
    case Ready = 'ready';
    case Reminder = 'reminder';
    case Care = 'care';

    public function words(): string
    {
        return match ($this) {
            self::Confirmation => 'Confirm what is agreed',
            self::Decision => 'Ask for a decision',
            self::Delay => 'Tell that it comes later',
            self::Ready => 'Tell that it is ready',
            self::Reminder => 'Remind of a payment',
            self::Care => 'How to care for it',
        };
    }
}

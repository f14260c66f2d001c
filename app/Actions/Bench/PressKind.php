<?php

declare(strict_types=1);

namespace App\Actions\Bench;

/** What can be pressed without a network. */
enum PressKind: string
{
    case Start = 'start';
    case Stop = 'stop';
    case Away = 'away';
    case Done = 'done';
    case Wrong = 'wrong';
    case Note = 'note';
    case Reading = 'reading';
    case Close = 'close';
    case Tick = 'tick';
    case Photograph = 'photograph';
}

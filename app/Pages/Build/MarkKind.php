<?php

declare(strict_types=1);

namespace App\Pages\Build;

/** Labour is solid, a hold hatched, waiting open, a gate a ring. */
enum MarkKind: string
{
    case Labour = 'labour';
    case Hold = 'hold';
    case Wait = 'wait';
    case Gate = 'gate';
}

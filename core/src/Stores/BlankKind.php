<?php

declare(strict_types=1);

namespace Regimen\Stores;

/** What is cut from boards. */
enum BlankKind: string
{
    case Body = 'body';
    case Top = 'top';
    case Neck = 'neck';
    case Fretboard = 'fretboard';
}

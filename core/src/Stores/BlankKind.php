<?php

declare(strict_types=1);

namespace Regimen\Stores;

/** What is cut from boards. */
enum BlankKind: string
{
    case Body = 'body';
    case Top = 'top';
    case Back = 'back';
    case Sides = 'sides';
    case Neck = 'neck';
    case Fretboard = 'fretboard';
    case Veneer = 'veneer';
    case Cover = 'cover';

    /** What comes out of offcuts and is not bought for (TRADE section 5). */
    public function isSmall(): bool
    {
        return $this === self::Veneer || $this === self::Cover;
    }
}

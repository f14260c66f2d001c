<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** What an operation works on. One piece is in one place at a time, also while it holds. */
enum Piece: string
{
    case Neck = 'neck';
    case Fretboard = 'fretboard';
    case Body = 'body';
}

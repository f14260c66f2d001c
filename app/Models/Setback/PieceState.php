<?php

declare(strict_types=1);

namespace App\Models\Setback;

enum PieceState: string
{
    case InStock = 'stock';
    case Used = 'used';
    /** It has left the instrument that it had gone into; a later record goes on from it. */
    case GoneOn = 'gone-on';
    case WrittenOff = 'written-off';
}

<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Stores\Board;
use Regimen\Stores\Blank;
use Regimen\Units\Words;

/** Boards and blanks as pages say them. */
final class BoardWords
{
    public static function size(Board $board): string
    {
        return Words::number($board->length_tenths / 10, 0).' × '.Words::number($board->width_tenths / 10, 0).' × '.Words::number($board->thickness_tenths / 10).' mm rough';
    }

    public static function blank(Blank $blank): string
    {
        return ($blank->pieces > 1 ? "{$blank->pieces} × " : '').Words::number($blank->length, 0).' × '.Words::number($blank->width, 0).' × '.Words::number($blank->thickness).' mm'
            .($blank->isSliced && $blank->pieces > 1 ? ', neighbouring slices' : '');
    }

    /** The last weight over the rough size, with the moisture at which it was weighed. */
    public static function density(Board $board): string
    {
        $weighed = $board->readings->whereNotNull('grams')->last();

        return $weighed === null ? '' : Words::number($weighed->grams / 1000, 2).' kg, so '.Words::number($board->rough()->density($weighed->grams / 1000), 0).' kg/m³';
    }
}

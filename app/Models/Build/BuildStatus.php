<?php

declare(strict_types=1);

namespace App\Models\Build;

enum BuildStatus: string
{
    case Open = 'open';
    case Finished = 'finished';
    case CalledOff = 'called-off';
    /** Lost by a setback. */
    case WrittenOff = 'written-off';
}

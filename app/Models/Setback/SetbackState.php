<?php

declare(strict_types=1);

namespace App\Models\Setback;

enum SetbackState: string
{
    case Open = 'open';
    case Decided = 'decided';
    case Withdrawn = 'withdrawn';
}

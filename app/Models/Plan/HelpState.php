<?php

declare(strict_types=1);

namespace App\Models\Plan;

enum HelpState: string
{
    /** Never kept: of a plan for which nobody has asked yet. */
    case None = 'none';
    case Trying = 'trying';
    case Done = 'done';
    case Failed = 'failed';
}

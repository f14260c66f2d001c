<?php

declare(strict_types=1);

namespace App\Models\Plan;

enum HelpState: string
{
    case Trying = 'trying';
    case Done = 'done';
    case Failed = 'failed';
}

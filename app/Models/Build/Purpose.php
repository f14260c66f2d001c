<?php

declare(strict_types=1);

namespace App\Models\Build;

enum Purpose: string
{
    case Commission = 'commission';
    case Stock = 'stock';
}

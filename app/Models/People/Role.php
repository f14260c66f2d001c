<?php

declare(strict_types=1);

namespace App\Models\People;

enum Role: string
{
    case Manager = 'manager';
    case Maker = 'maker';
}

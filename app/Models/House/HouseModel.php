<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

/** @property array<string, mixed> $body typed, by field */
class HouseModel extends ShopModel
{
    protected $casts = ['body' => 'array', 'is_default' => 'boolean'];
}

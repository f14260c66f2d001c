<?php

declare(strict_types=1);

namespace App\Models;

class OperationStandard extends ShopModel
{
    protected $casts = ['one_sitting' => 'boolean', 'usual' => 'boolean'];
}

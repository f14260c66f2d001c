<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;

/** What the manager has fixed about an operation: who, on which day, behind what. */
class Pin extends ShopModel
{
    protected $primaryKey = 'operation_id';

    public $incrementing = false;
}

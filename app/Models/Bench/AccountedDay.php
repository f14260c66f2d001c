<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * A day about which somebody has answered what was missing.
 *
 * @property CarbonImmutable $at
 */
class AccountedDay extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];
}

<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\ByNumber;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * @property CarbonImmutable $made_at
 */
class Plan extends ShopModel
{
    protected $casts = ['made_at' => 'immutable_datetime', 'cause' => ByNumber::class];
}

<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * Changes that are tried beside the real plan until somebody applies or drops them.
 *
 * @property list<array<string, mixed>> $changes  each with an id of its own
 * @property CarbonImmutable $at
 */
class Scenario extends ShopModel
{
    protected $casts = ['changes' => 'array', 'at' => 'immutable_datetime'];
}

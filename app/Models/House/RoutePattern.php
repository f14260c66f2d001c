<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * Methods and own changes of a route, kept to be used again.
 *
 * @property array<string, string> $methods
 * @property list<array<string, mixed>> $changes
 * @property CarbonImmutable $at
 */
class RoutePattern extends ShopModel
{
    protected $casts = ['methods' => 'array', 'changes' => 'array', 'at' => 'immutable_datetime'];
}

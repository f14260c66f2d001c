<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * A better plan that was found and is offered: never in force before somebody takes it.
 *
 * @property array<string, int> $keys  in which order to plan, by activity
 * @property list<array{number: int, title: string, before: string|null, after: string|null}> $gains
 * @property list<array{person: string, operations: int}> $moves
 * @property CarbonImmutable $at
 */
class PlanOffer extends ShopModel
{
    protected $casts = ['keys' => 'array', 'gains' => 'array', 'moves' => 'array', 'at' => 'immutable_datetime'];
}

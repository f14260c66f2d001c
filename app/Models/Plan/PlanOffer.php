<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\AnnouncedPlan;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Regimen\Schedule\Problem\Announced;

/**
 * A better plan that was found and is offered: never in force before somebody takes it.
 *
 * @property array<int, Announced> $announced  the plan as it would be announced, by activity
 * @property list<array{number: int, title: string, before: string|null, after: string|null}> $gains
 * @property list<array{person: string, operations: int}> $moves
 * @property CarbonImmutable $at
 */
class PlanOffer extends ShopModel
{
    protected $casts = [
        'announced' => AnnouncedPlan::class, 'gains' => 'array', 'moves' => 'array', 'at' => 'immutable_datetime',
    ];
}

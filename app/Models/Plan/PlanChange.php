<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\AnnouncedPlan;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Regimen\Schedule\Problem\Announced;

/**
 * Something that was fixed about the plan, and what takes it back.
 *
 * @property array<string, mixed> $body
 * @property array<string, mixed>|null $back
 * @property array<string, Announced> $announced  before it, by activity
 * @property CarbonImmutable $at
 */
class PlanChange extends ShopModel
{
    protected $casts = [
        'body' => 'array',
        'back' => 'array',
        'announced' => AnnouncedPlan::class,
        'at' => 'immutable_datetime',
    ];
}

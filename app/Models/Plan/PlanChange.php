<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * Something that was settled about the plan, and what takes it back.
 *
 * @property array<string, mixed> $body
 * @property array<string, mixed>|null $back
 * @property array<string, array{int|null, int}> $told  who had been told what before, and when
 * @property CarbonImmutable $at
 */
class PlanChange extends ShopModel
{
    protected $casts = ['body' => 'array', 'back' => 'array', 'told' => 'array', 'at' => 'immutable_datetime'];
}

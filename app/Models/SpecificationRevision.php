<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property array<string, mixed> $body as it was typed
 * @property CarbonImmutable $at
 */
class SpecificationRevision extends ShopModel
{
    protected $casts = ['body' => 'array', 'at' => 'immutable_datetime'];
}

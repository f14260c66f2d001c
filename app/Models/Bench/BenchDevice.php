<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * A tablet that several people share.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $revoked_at
 */
class BenchDevice extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];
}

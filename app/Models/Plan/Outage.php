<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\House\Resource as Station;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A stretch in which a station or a fixture is not available.
 *
 * @property CarbonImmutable $from
 * @property CarbonImmutable $to
 * @property Station $resource
 */
class Outage extends ShopModel
{
    protected $casts = ['from' => 'immutable_datetime', 'to' => 'immutable_datetime'];

    /** @return BelongsTo<Station, $this> */
    public function resource(): BelongsTo
    {
        return $this->belongsTo(Station::class, 'resource_id');
    }
}

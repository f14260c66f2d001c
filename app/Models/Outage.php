<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A stretch in which a station or a fixture is not to be had.
 *
 * @property CarbonImmutable $from
 * @property CarbonImmutable $to
 * @property resource $resource
 */
class Outage extends ShopModel
{
    protected $casts = ['from' => 'immutable_datetime', 'to' => 'immutable_datetime'];

    /** @return BelongsTo<resource, $this> */
    public function resource(): BelongsTo
    {
        return $this->belongsTo(Resource::class);
    }
}

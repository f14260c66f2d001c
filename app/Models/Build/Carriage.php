<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How an instrument travels to its client: an operation of its route, at its price.
 *
 * @property RouteChange $routeChange
 * @property KitLine|null $kitLine
 */
class Carriage extends ShopModel
{
    /** @return BelongsTo<RouteChange, $this> */
    public function routeChange(): BelongsTo
    {
        return $this->belongsTo(RouteChange::class);
    }

    /** @return BelongsTo<KitLine, $this> */
    public function kitLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class);
    }
}

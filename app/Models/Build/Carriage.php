<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How an instrument travels to its client: an operation of its route, at its price; or how it is collected.
 *
 * @property RouteChange $routeChange
 * @property RouteChange|null $insuring
 * @property KitLine|null $kitLine
 * @property KitLine|null $insuranceLine
 */
class Carriage extends ShopModel
{
    /** @return BelongsTo<RouteChange, $this> */
    public function routeChange(): BelongsTo
    {
        return $this->belongsTo(RouteChange::class);
    }

    /** @return BelongsTo<RouteChange, $this> */
    public function insuring(): BelongsTo
    {
        return $this->belongsTo(RouteChange::class, 'insuring_id');
    }

    /** @return BelongsTo<KitLine, $this> */
    public function insuranceLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class, 'insurance_line_id');
    }

    /** @return BelongsTo<KitLine, $this> */
    public function kitLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class);
    }
}

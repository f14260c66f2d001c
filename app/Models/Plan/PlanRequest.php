<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\ByNumber;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something happened that the plan has to hold; it waits until a plan does.
 *
 * @property int $id
 * @property CarbonImmutable $at
 * @property string $cause
 * @property bool $moves  false where it is planned already
 * @property PlanChange|null $takenBack  planned as if what was announced before it were in force
 */
class PlanRequest extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'moves' => 'boolean', 'cause' => ByNumber::class];

    /** @return BelongsTo<PlanChange, $this> */
    public function takenBack(): BelongsTo
    {
        return $this->belongsTo(PlanChange::class, 'plan_change_id');
    }
}

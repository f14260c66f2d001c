<?php

declare(strict_types=1);

namespace App\Models\Gate;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property CarbonImmutable $at
 * @property DecisionKind $kind
 * @property Person $person
 */
class GateDecision extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'kind' => DecisionKind::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Time that belongs to a day and to no instrument.
 *
 * @property CarbonImmutable|null $from
 * @property CarbonImmutable|null $until
 * @property int|null $minutes  not known while somebody is still away
 * @property AwayReason $reason
 * @property Person $person
 */
class Interruption extends ShopModel
{
    protected $casts = ['from' => 'immutable_datetime', 'until' => 'immutable_datetime', 'reason' => AwayReason::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

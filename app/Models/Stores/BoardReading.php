<?php

declare(strict_types=1);

namespace App\Models\Stores;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a board was read or weighed at.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $struck_at
 * @property Person $person
 */
class BoardReading extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'struck_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

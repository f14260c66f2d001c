<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was said with a client, and when.
 *
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
class Talk extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How a record of the house stood before and after a change.
 *
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
class HouseVersion extends ShopModel
{
    protected $casts = ['before' => 'array', 'after' => 'array', 'at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

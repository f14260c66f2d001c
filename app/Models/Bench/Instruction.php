<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How this house does an operation; each change is a version of its own.
 *
 * @property CarbonImmutable $at
 * @property Person $person
 */
class Instruction extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

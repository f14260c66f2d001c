<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was read in the set-up loop, and what was done before it.
 *
 * @property CarbonImmutable $at
 * @property float $value
 * @property bool $settled  whether the instrument had stood under tension
 * @property int|null $string  from 0, the treble
 * @property Person $person
 */
class SetUpReading extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'value' => 'float', 'settled' => 'boolean'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

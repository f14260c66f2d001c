<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Work of the shop's own that comes again: filters, humidifier, sharpening.
 *
 * @property Person $person
 * @property DayOff|null $planned
 */
class Chore extends ShopModel
{
    /** @param  Builder<self>  $query */
    public function scopeKept(Builder $query): void
    {
        $query->whereNull('ended_at');
    }

    /** @return BelongsTo<Person, $this> who does it */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<DayOff, $this> when it is planned next */
    public function planned(): BelongsTo
    {
        return $this->belongsTo(DayOff::class, 'day_off_id');
    }
}

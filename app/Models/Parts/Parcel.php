<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What came of an order at once.
 *
 * @property PartOrder $order
 * @property Person $person
 */
class Parcel extends ShopModel
{
    /** @return BelongsTo<PartOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(PartOrder::class, 'part_order_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<ParcelLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(ParcelLine::class)->orderBy('id');
    }
}

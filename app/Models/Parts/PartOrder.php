<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was ordered of one supplier at once, for several builds and for stock.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $closed_at  when nothing more was to come
 * @property CarbonImmutable|null $mailed_at
 * @property bool $express
 * @property Supplier $supplier
 * @property Person $person
 * @property Collection<int, PartOrderLine> $lines
 * @property Collection<int, Parcel> $parcels
 */
class PartOrder extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'mailed_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime', 'express' => 'boolean'];

    /** @param  Builder<self>  $query */
    public function scopeOnTheWay(Builder $query): void
    {
        $query->whereNull('closed_at');
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<PartOrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(PartOrderLine::class)->orderBy('id');
    }

    /** @return HasMany<Parcel, $this> */
    public function parcels(): HasMany
    {
        return $this->hasMany(Parcel::class)->orderBy('id');
    }
}

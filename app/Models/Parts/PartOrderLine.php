<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Something that was ordered, for a build or for stock; amounts in thousandths of its unit.
 *
 * @property PartOrder $order
 * @property Part $part
 * @property KitLine|null $kitLine
 * @property Build|null $build
 */
class PartOrderLine extends ShopModel
{
    /**
     * Of which something is still to come.
     *
     * @param  Builder<self>  $query
     */
    public function scopeToCome(Builder $query): void
    {
        $query->whereColumn('came', '<', 'quantity')->whereHas('order', static fn (Builder $order): Builder => $order->whereNull('closed_at'));
    }

    /** @return BelongsTo<PartOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(PartOrder::class, 'part_order_id');
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<KitLine, $this> */
    public function kitLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class);
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return HasMany<ParcelLine, $this> */
    public function parcelLines(): HasMany
    {
        return $this->hasMany(ParcelLine::class);
    }

    /** Thousandths that are still to come. */
    public function missing(): int
    {
        return $this->quantity - $this->came;
    }
}

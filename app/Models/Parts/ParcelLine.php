<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What came of one line of an order, at what it cost with its share of the freight.
 *
 * @property Parcel $parcel
 * @property PartOrderLine $line
 */
class ParcelLine extends ShopModel
{
    /** @return BelongsTo<Parcel, $this> */
    public function parcel(): BelongsTo
    {
        return $this->belongsTo(Parcel::class);
    }

    /** @return BelongsTo<PartOrderLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(PartOrderLine::class, 'part_order_line_id');
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a supplier asks for a unit of a part, under its own number.
 *
 * @property Supplier $supplier
 * @property Part $part
 */
class PartOffer extends ShopModel
{
    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}

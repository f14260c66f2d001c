<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What came of a part at one price; amounts in thousandths of its unit.
 *
 * @property Part $part
 * @property Supplier|null $supplier
 * @property ParcelLine|null $parcelLine
 */
class StockLot extends ShopModel
{
    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<ParcelLine, $this> with which it came */
    public function parcelLine(): BelongsTo
    {
        return $this->belongsTo(ParcelLine::class);
    }

    /** Whether its best-before date has gone by. */
    public function isOver(string $today): bool
    {
        return $this->best_before !== null && $this->best_before < $today;
    }
}

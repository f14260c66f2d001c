<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Who sells parts to the shop. */
class Supplier extends ShopModel
{
    /** @return HasMany<PartOffer, $this> */
    public function offers(): HasMany
    {
        return $this->hasMany(PartOffer::class);
    }

    /** Whether an order can reach it. */
    public function canBeReached(): bool
    {
        return $this->email !== '' || $this->address !== '';
    }
}

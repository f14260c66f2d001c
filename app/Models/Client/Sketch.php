<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A specification in the making, for an enquiry.
 *
 * @property array<string, string|list<array<string, string>>> $typed  as it was typed, over the house model
 * @property Enquiry $enquiry
 */
class Sketch extends ShopModel
{
    protected $casts = ['typed' => 'array'];

    /** @return BelongsTo<Enquiry, $this> */
    public function enquiry(): BelongsTo
    {
        return $this->belongsTo(Enquiry::class);
    }
}

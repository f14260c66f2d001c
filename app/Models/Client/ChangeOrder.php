<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A later difference with its price and its days, offered to the client.
 *
 * @property QuoteState $state  open, accepted or withdrawn
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $decided_at
 * @property list<string> $follows  what follows from it, in sentences
 * @property Build $build
 */
class ChangeOrder extends ShopModel
{
    protected $casts = ['state' => QuoteState::class, 'at' => 'immutable_datetime', 'decided_at' => 'immutable_datetime', 'follows' => 'array'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}

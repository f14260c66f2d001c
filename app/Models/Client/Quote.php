<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A price and a date in writing. What stands in it never changes: another edition replaces it.
 *
 * @property QuoteState $state
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $accepted_at
 * @property array<string, mixed> $typed
 * @property array<string, mixed> $house
 * @property Enquiry $enquiry
 * @property Build|null $build
 */
class Quote extends ShopModel
{
    protected $casts = ['state' => QuoteState::class, 'at' => 'immutable_datetime', 'accepted_at' => 'immutable_datetime', 'typed' => 'array', 'house' => 'array'];

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->where('state', QuoteState::Open->value);
    }

    /** @return BelongsTo<Enquiry, $this> */
    public function enquiry(): BelongsTo
    {
        return $this->belongsTo(Enquiry::class);
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** How the shop speaks of it: `quote 7`, in its second edition `quote 7/2`. */
    public function name(): string
    {
        return "quote {$this->number}".($this->edition > 1 ? "/{$this->edition}" : '');
    }
}

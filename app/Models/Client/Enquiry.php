<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What somebody would like, before anything is agreed.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $closed_at
 * @property string|null $wanted_by  a day
 * @property Client $client
 */
class Enquiry extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime'];

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('closed_at');
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<Sketch, $this> */
    public function sketches(): HasMany
    {
        return $this->hasMany(Sketch::class)->orderBy('id');
    }

    /** @return HasMany<Quote, $this> */
    public function quotes(): HasMany
    {
        return $this->hasMany(Quote::class)->orderBy('number')->orderBy('edition');
    }
}

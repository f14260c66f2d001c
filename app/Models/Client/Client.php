<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\Build\Build;
use App\Models\ShopModel;
use App\Support\ClientNames;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The one record with a client’s name and address; everything else knows them by number.
 *
 * @property CarbonImmutable|null $forgotten_at  their data were deleted on request
 * @property string|null $kept_until  the day until which the law wants name and address kept
 * @property int|null $joined_id  another entry of the same person, which stands for this one
 */
class Client extends ShopModel
{
    protected $casts = ['forgotten_at' => 'immutable_datetime'];

    protected static function booted(): void
    {
        static::saved(static fn () => app(ClientNames::class)->forget());
    }

    /**
     * Whom the shop still knows.
     *
     * @param  Builder<self>  $query
     */
    public function scopeKnown(Builder $query): void
    {
        $query->whereNull('forgotten_at')->whereNull('joined_id');
    }

    /** How to reach them, in one line. */
    public function reach(): string
    {
        return implode(' · ', array_filter([$this->contact, $this->email, $this->phone]));
    }

    /** @return HasMany<Build, $this> */
    public function builds(): HasMany
    {
        return $this->hasMany(Build::class)->orderBy('number');
    }

    /** @return HasMany<Talk, $this> */
    public function talks(): HasMany
    {
        return $this->hasMany(Talk::class)->orderByDesc('at')->orderByDesc('id');
    }
}

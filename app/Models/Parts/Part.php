<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Stock\Amount;

/**
 * A part of the house's catalogue. Its figures are what was measured on it and what its data sheet says, typed, by field.
 *
 * @property PartGroup $group
 * @property array<string, array{measured?: string, sheet?: string}> $figures
 * @property CarbonImmutable|null $gone_at
 * @property Collection<int, PartOffer> $offers
 * @property Collection<int, StockLot> $lots
 * @property Collection<int, Part> $alternatives
 */
class Part extends ShopModel
{
    protected $casts = ['group' => PartGroup::class, 'figures' => 'array', 'by_use' => 'boolean', 'gone_at' => 'immutable_datetime'];

    /** @param  Builder<self>  $query */
    public function scopeKept(Builder $query): void
    {
        $query->whereNull('gone_at');
    }

    /** @return HasMany<PartOffer, $this> the cheapest first */
    public function offers(): HasMany
    {
        return $this->hasMany(PartOffer::class)->orderBy('cost_minor')->orderBy('id');
    }

    /** @return HasMany<StockLot, $this> that something is left of and nothing is wrong with, in the order in which they are used up */
    public function lots(): HasMany
    {
        return $this->hasMany(StockLot::class)->where('left', '>', 0)->where('wrong', '')
            ->orderByRaw('best_before is null, best_before')->orderBy('arrived_on')->orderBy('id');
    }

    /** @return HasMany<StockMovement, $this> */
    public function movements(): HasMany
    {
        return $this->hasMany(StockMovement::class);
    }

    /** @return BelongsToMany<self, $this> that can be fitted in its place */
    public function alternatives(): BelongsToMany
    {
        return $this->belongsToMany(self::class, 'part_alternatives', 'part_id', 'other_id');
    }

    /** What a field is on it: as measured, else as its data sheet says; null where neither is known. */
    public function figure(string $field): ?string
    {
        return $this->figures[$field]['measured'] ?? $this->figures[$field]['sheet'] ?? null;
    }

    /** Free in the drawer, in the unit; what has gone by is not offered. */
    public function free(string $today): float
    {
        return Amount::units((int) $this->lots->reject(static fn (StockLot $lot): bool => $lot->isOver($today))->sum('left'));
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Money;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Money that came, or went back where its amount is below zero.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $struck_at
 * @property Build $build
 * @property Invoice|null $invoice
 * @property Person|null $person
 */
class Payment extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'struck_at' => 'immutable_datetime'];

    /**
     * That count.
     *
     * @param  Builder<self>  $query
     */
    public function scopeCounting(Builder $query): void
    {
        $query->whereNull('struck_at');
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Invoice, $this> */
    public function invoice(): BelongsTo
    {
        return $this->belongsTo(Invoice::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

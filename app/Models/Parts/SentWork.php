<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An operation that is done elsewhere.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $called_off_at
 * @property Build $build
 * @property Operation|null $operation
 * @property Supplier $supplier
 * @property RouteChange $routeChange
 * @property KitLine|null $kitLine
 */
class SentWork extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'called_off_at' => 'immutable_datetime'];

    /**
     * That is to be sent, or away.
     *
     * @param  Builder<self>  $query
     */
    public function scopeUnderWay(Builder $query): void
    {
        $query->whereNull('returned_on')->whereNull('called_off_at');
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<RouteChange, $this> */
    public function routeChange(): BelongsTo
    {
        return $this->belongsTo(RouteChange::class);
    }

    /** @return BelongsTo<KitLine, $this> that carries what it costs */
    public function kitLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class);
    }
}

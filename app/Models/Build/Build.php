<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\Client\Client;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Regimen\Costing\KitState;
use Regimen\Schedule\Problem\Promise;

/**
 * @property BuildStatus $status
 * @property Purpose $purpose
 * @property CarbonImmutable $ordered_at
 * @property CarbonImmutable|null $finished_at
 * @property Promise $promise_kind
 * @property PromiseMeans $promise_means
 * @property array<string, string> $methods  how it is made, where that differs from the house
 * @property SpecificationRevision $specification
 * @property SpecificationRevision|null $draft
 */
class Build extends ShopModel
{
    protected $casts = [
        'status' => BuildStatus::class,
        'purpose' => Purpose::class,
        'ordered_at' => 'immutable_datetime',
        'finished_at' => 'immutable_datetime',
        'methods' => 'array',
        'promise_kind' => Promise::class,
        'promise_means' => PromiseMeans::class,
    ];

    public function getRouteKeyName(): string
    {
        return 'number';
    }

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->where('status', BuildStatus::Open->value);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<Operation, $this> */
    public function operations(): HasMany
    {
        return $this->hasMany(Operation::class)->orderBy('position');
    }

    /** @return HasMany<KitLine, $this> what has not left with a piece */
    public function kit(): HasMany
    {
        return $this->hasMany(KitLine::class)->whereNull('piece_id')->orderBy('id');
    }

    /** @return HasMany<SpecificationRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(SpecificationRevision::class)->orderBy('number');
    }

    /**
     * @return HasOne<SpecificationRevision, $this> what is built by: the latest that is released, the first one until
     *   then
     */
    public function specification(): HasOne
    {
        return $this->hasOne(SpecificationRevision::class)->ofMany(
            ['number' => 'max'],
            static fn (Builder $query) => $query->where(
                static fn (Builder $either) => $either->whereNotNull('released_at')->orWhere('number', 1),
            ),
        );
    }

    /** @return HasOne<SpecificationRevision, $this> what is still being written */
    public function draft(): HasOne
    {
        return $this->hasOne(SpecificationRevision::class)->whereNull('released_at');
    }

    /** @return HasMany<AcceptedFinding, $this> */
    public function acceptedFindings(): HasMany
    {
        return $this->hasMany(AcceptedFinding::class)->orderBy('id');
    }

    /** @return HasMany<RouteChange, $this> that still count, in the order in which they were made */
    public function routeChanges(): HasMany
    {
        return $this->hasMany(RouteChange::class)->whereNull('undone_at')->orderBy('id');
    }

    /** @return HasMany<Measurement, $this> */
    public function measurements(): HasMany
    {
        // What was measured on a part that turned out to be wrong says nothing about the next one.
        return $this->hasMany(Measurement::class)->orderBy('id')->where(static fn ($one) => $one->whereNull('kit_line_id')
            ->orWhereNotIn('kit_line_id', KitLine::query()->where('state', KitState::Needed->value)->select('id')));
    }

    /** @return HasMany<LogEntry, $this> */
    public function logbook(): HasMany
    {
        return $this->hasMany(LogEntry::class)->orderByDesc('id');
    }

    /** One more than the highest so far. */
    public static function nextNumber(): int
    {
        return (int) self::query()->max('number') + 1;
    }

    /** How the shop speaks of it: `No. 27, Fennimore`. */
    public function name(): string
    {
        return "{$this->number} · {$this->title}";
    }
}

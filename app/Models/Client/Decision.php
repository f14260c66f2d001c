<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that the client decides, by a day.
 *
 * @property list<string> $options  to choose from; none where they answer in their own words
 * @property string $last_day
 * @property string|null $finish_was  when the instrument would have been ready when it was asked
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $answered_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property Build $build
 * @property Operation|null $operation  what waits for it
 */
class Decision extends ShopModel
{
    protected $casts = ['options' => 'array', 'at' => 'immutable_datetime', 'answered_at' => 'immutable_datetime', 'withdrawn_at' => 'immutable_datetime'];

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('answered_at')->whereNull('withdrawn_at');
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
}

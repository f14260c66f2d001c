<?php

declare(strict_types=1);

namespace App\Models\Stores;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was cut from a board for a build; `key` says for which of its pieces (`top.0`).
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $freed_at
 * @property Board $board
 * @property Build $build
 * @property KitLine $kitLine
 * @property Collection<int, BoardReading> $readings
 */
class Blank extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'freed_at' => 'immutable_datetime'];

    /** @param  Builder<self>  $query */
    public function scopeReserved(Builder $query): void
    {
        $query->whereNull('freed_at');
    }

    /**
     * That are, or go into, what their build is made of: not put back, spoiled, taken elsewhere, or of a timber that is not specified any more.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInBuild(Builder $query): void
    {
        $query->reserved()->whereHas('kitLine', static fn (Builder $line): Builder => $line->where('surplus', false)->whereNull('piece_id')->whereColumn('written_off', '<', 'quantity'));
    }

    /** @return BelongsTo<Board, $this> */
    public function board(): BelongsTo
    {
        return $this->belongsTo(Board::class);
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<KitLine, $this> */
    public function kitLine(): BelongsTo
    {
        return $this->belongsTo(KitLine::class);
    }

    /** @return HasMany<BoardReading, $this> of it since it was cut, the earliest first */
    public function readings(): HasMany
    {
        return $this->hasMany(BoardReading::class)->whereNull('struck_at')->orderBy('at')->orderBy('id');
    }

    /** `body`, `top`, … */
    public function kind(): string
    {
        return explode('.', $this->key)[0];
    }

    /** `blank 7, black walnut for the body of 41`. */
    public function name(): string
    {
        return "blank {$this->id}, {$this->board->species} for the {$this->kind()} of {$this->build->number}";
    }
}

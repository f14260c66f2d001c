<?php

declare(strict_types=1);

namespace App\Models\Stores;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Timber\RoughBoard;
use Regimen\Units\Length;

/**
 * A board as it was bought.
 *
 * @property TimberCut $cut
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $gone_at
 * @property Person $person
 * @property Collection<int, BoardReading> $readings
 * @property Collection<int, BoardDefect> $defects
 * @property Board|null $lot  that it is left of, as that was bought
 */
class Board extends ShopModel
{
    protected $casts = ['cut' => TimberCut::class, 'at' => 'immutable_datetime', 'gone_at' => 'immutable_datetime'];

    /** @param  Builder<self>  $query */
    public function scopeThere(Builder $query): void
    {
        $query->whereNull('gone_at');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<self, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(self::class, 'lot_id');
    }

    /** @return HasMany<Blank, $this> that were cut from it */
    public function blanks(): HasMany
    {
        return $this->hasMany(Blank::class)->orderBy('id');
    }

    /** @return HasMany<BoardReading, $this> that count, the earliest first */
    public function readings(): HasMany
    {
        return $this->hasMany(BoardReading::class)->whereNull('blank_id')->whereNull('struck_at')->orderBy('at')->orderBy('id');
    }

    /** @return HasMany<BoardDefect, $this> that are marked */
    public function defects(): HasMany
    {
        return $this->hasMany(BoardDefect::class)->whereNull('struck_at')->orderBy('id');
    }

    public function rough(): RoughBoard
    {
        $sides = array_map(static fn (int $tenths): Length => Length::ofMillimetres($tenths / 10), [$this->length_tenths, $this->width_tenths, $this->thickness_tenths]);

        return $this->lot_id === null ? RoughBoard::of(...$sides) : RoughBoard::leftOf(...$sides);
    }

    /** `board 14, black walnut`. */
    public function name(): string
    {
        return "board {$this->id}, {$this->species}";
    }
}

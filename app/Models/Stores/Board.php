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

    /** @return HasMany<BoardReading, $this> that count, the earliest first */
    public function readings(): HasMany
    {
        return $this->hasMany(BoardReading::class)->whereNull('struck_at')->orderBy('at')->orderBy('id');
    }

    /** @return HasMany<BoardDefect, $this> that are marked */
    public function defects(): HasMany
    {
        return $this->hasMany(BoardDefect::class)->whereNull('struck_at')->orderBy('id');
    }

    public function rough(): RoughBoard
    {
        return RoughBoard::of(
            Length::ofMillimetres($this->length_tenths / 10), Length::ofMillimetres($this->width_tenths / 10), Length::ofMillimetres($this->thickness_tenths / 10),
        );
    }

    /** `board 14, black walnut`. */
    public function name(): string
    {
        return "board {$this->id}, {$this->species}";
    }
}

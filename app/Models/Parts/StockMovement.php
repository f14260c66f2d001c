<?php

declare(strict_types=1);

namespace App\Models\Parts;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One change of the stock, never edited: what came is above zero, what went below.
 *
 * @property MovementKind $kind
 * @property CarbonImmutable $at
 * @property Part $part
 * @property Person $person
 * @property Build|null $build
 */
class StockMovement extends ShopModel
{
    protected $casts = ['kind' => MovementKind::class, 'at' => 'immutable_datetime'];

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}

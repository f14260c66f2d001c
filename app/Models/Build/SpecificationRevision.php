<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property array<string, mixed> $client as it was typed
 * @property array<string, mixed> $house what the house takes where the client says nothing, as it was when the revision
 *   was begun
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $released_at
 */
class SpecificationRevision extends ShopModel
{
    protected $casts = [
        'client' => 'array', 'house' => 'array', 'at' => 'immutable_datetime', 'released_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function isReleased(): bool
    {
        return $this->released_at !== null;
    }

    /** All that it says, as it is kept: what is worked out of it is the same for the same text. */
    public function text(): string
    {
        return $this->attributes['client']."\n".$this->attributes['house'];
    }
}

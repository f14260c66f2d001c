<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A letter to a client as it was sent.
 *
 * @property LetterKind $kind
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
class Letter extends ShopModel
{
    protected $casts = ['kind' => LetterKind::class, 'at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

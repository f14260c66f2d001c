<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One change that somebody has made to a build's derived route.
 *
 * @property array<string, mixed> $body
 * @property CarbonImmutable $at
 * @property Person|null $person  null where the shop itself has added it
 */
class RouteChange extends ShopModel
{
    protected $casts = ['body' => 'array', 'at' => 'immutable_datetime', 'undone_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

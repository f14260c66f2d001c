<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A private address at which a calendar program reads the plan; whoever knows it reads it, until it is revoked.
 *
 * @property string $token
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $revoked_at
 * @property Person|null $person
 * @property Build|null $build
 */
class Feed extends ShopModel
{
    protected $casts = [
        'token' => 'encrypted', 'at' => 'immutable_datetime',
        'revoked_at' => 'immutable_datetime',
    ];

    /** The address, as long as the key it was kept with is the shop's: a copy on another machine has another. */
    public function address(): ?string
    {
        try {
            return route('feed', ['token' => $this->token]);
        } catch (DecryptException) {
            return null;
        }
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

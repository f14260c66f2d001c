<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A device on which the second factor is not asked for until a day. */
class TrustedDevice extends ShopModel
{
    protected $table = 'trusted_devices';

    protected $casts = ['until' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A link that sets one password, once, within an hour. */
class PasswordLink extends ShopModel
{
    protected $table = 'password_links';

    protected $casts = ['until' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Somebody is signed in on a device, until it is ended. */
class SignIn extends ShopModel
{
    protected $table = 'sign_ins';

    protected $casts = ['began_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

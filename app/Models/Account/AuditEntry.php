<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\Casts\ByNumber;
use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What happened about sign-ins, rights and data; never changed. */
class AuditEntry extends ShopModel
{
    protected $table = 'audit_entries';

    protected $casts = ['at' => 'immutable_datetime', 'words' => ByNumber::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

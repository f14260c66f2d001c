<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\Casts\ByNumber;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The database refuses to edit or remove one.
 *
 * @property int|null $corrects_id  the earlier entry that it corrects
 * @property CarbonImmutable $at
 * @property string $text  clients by number in the database
 */
class LogEntry extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'text' => ByNumber::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Jigs;

use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A template tried on scrap, and how it came out.
 *
 * @property CarbonImmutable $at
 * @property bool $good
 * @property Person $person
 */
class TemplateCheck extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'good' => 'boolean'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Jigs;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A build on which a template was used, and how far its bit cut, in dm.
 *
 * @property CarbonImmutable $at
 * @property Build $build
 * @property Person $person
 */
class TemplateUse extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

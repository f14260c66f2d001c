<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was written down at the bench.
 *
 * @property CarbonImmutable $at
 * @property Person $person
 * @property Operation $operation
 */
class BenchNote extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }
}

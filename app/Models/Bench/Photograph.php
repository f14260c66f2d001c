<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photograph; its files stand beside the database, named by their SHA-256 (`PhotographFiles`).
 *
 * @property CarbonImmutable $at
 * @property int|null $setback_id
 * @property bool $for_client
 * @property bool $at_gate
 * @property Person $person
 * @property Build|null $build
 * @property Operation|null $operation
 */
class Photograph extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime', 'for_client' => 'boolean', 'at_gate' => 'boolean'];

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

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Gate;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was read at one place of a gate, with the target that it was read against.
 *
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $struck_at
 * @property float $value
 * @property float|null $low
 * @property float|null $high
 * @property float|null $mark
 * @property Person $person
 * @property Operation $operation
 *
 * @method static Builder<self> counting()
 */
class Reading extends ShopModel
{
    protected $casts = [
        'at' => 'immutable_datetime', 'struck_at' => 'immutable_datetime', 'value' => 'float', 'low' => 'float', 'high' => 'float',
        'mark' => 'float',
    ];

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

    /** @param  Builder<self>  $query */
    public function scopeCounting(Builder $query): void
    {
        $query->whereNull('struck_at');
    }
}

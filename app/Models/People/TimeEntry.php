<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Build\Operation;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property CarbonImmutable|null $started_at
 * @property CarbonImmutable|null $ended_at
 * @property int|null $setback_id  to whose loss it belongs
 * @property int|null $piece_id  the piece in stock that it is in
 * @property int|null $worked_for_id  the operation that it was worked on, where its piece has gone elsewhere since
 * @property Operation $operation
 * @property Person $person
 */
class TimeEntry extends ShopModel
{
    protected $casts = [
        'started_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime', 'struck_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** Whole minutes that a running clock shows. */
    public function elapsed(CarbonImmutable $now): int
    {
        return $this->started_at === null ? 0 : max(
            0, intdiv($now->getTimestamp() - $this->started_at->getTimestamp(), 60),
        );
    }
}

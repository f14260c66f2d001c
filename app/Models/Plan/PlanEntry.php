<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Build\Operation;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When and by whom an open operation is planned; without a start it cannot be planned, and the reason says why.
 *
 * @property int|null $helper_id  who helps until the end of the labour
 * @property CarbonImmutable|null $start
 * @property CarbonImmutable|null $work_end
 * @property CarbonImmutable|null $finish
 * @property list<array{int, int}> $sittings  where it is begun and taken up again behind something else
 * @property Operation $operation
 */
class PlanEntry extends ShopModel
{
    protected $primaryKey = 'operation_id';

    public $incrementing = false;

    protected $casts = [
        'start' => 'immutable_datetime', 'work_end' => 'immutable_datetime', 'finish' => 'immutable_datetime',
        'sittings' => 'array',
    ];

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }
}

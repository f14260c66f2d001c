<?php

declare(strict_types=1);

namespace App\Models\Setback;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Regimen\Setback\Cause;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/**
 * Something that went wrong: what happened, what it cost, and what was decided.
 *
 * @property SetbackState $state
 * @property Mishap $mishap
 * @property Cause $cause
 * @property PieceKind|null $piece
 * @property array<string, mixed>|null $remedy
 * @property CarbonImmutable $at
 * @property CarbonImmutable $told_at
 * @property CarbonImmutable|null $until
 * @property CarbonImmutable|null $decided_at
 * @property Build $build
 * @property Operation|null $operation
 * @property Person $person  who told it
 * @property Person|null $worker  who was at it
 * @property Person|null $decider
 * @property \App\Models\House\Resource|null $resource
 */
class Setback extends ShopModel
{
    protected $casts = [
        'state' => SetbackState::class, 'mishap' => Mishap::class, 'cause' => Cause::class, 'piece' => PieceKind::class, 'remedy' => 'array',
        'at' => 'immutable_datetime', 'told_at' => 'immutable_datetime', 'until' => 'immutable_datetime', 'decided_at' => 'immutable_datetime',
    ];

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

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function worker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'worker_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'decided_by');
    }

    /** @return BelongsTo<\App\Models\House\Resource, $this> */
    public function resource(): BelongsTo
    {
        return $this->belongsTo(Resource::class);
    }
}

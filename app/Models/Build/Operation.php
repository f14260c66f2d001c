<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\Casts\EnumList;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanEntry;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Stage;

/**
 * @property OperationState $state
 * @property Stage $stage
 * @property list<Piece> $pieces
 * @property list<PartGroup> $needs
 * @property list<Caution> $cautions
 * @property HoldKind|null $hold_kind
 * @property CarbonImmutable|null $started_at
 * @property CarbonImmutable|null $labour_done_at
 * @property CarbonImmutable|null $hold_until
 * @property CarbonImmutable|null $runs_until  until when the machine runs by itself
 * @property CarbonImmutable|null $baseline_start
 * @property CarbonImmutable|null $baseline_end
 * @property CarbonImmutable|null $gate_closed_at  when what it ends with was read and decided on
 * @property Build $build
 * @property bool $is_away  its piece is sent out and not back
 * @property int|null $setback_id  which it mends
 * @property int|null $piece_id  with which it came
 * @property-read int|string|null $worked_minutes
 */
class Operation extends ShopModel
{
    protected $casts = [
        'state' => OperationState::class,
        'stage' => Stage::class,
        'pieces' => EnumList::class.':'.Piece::class,
        'needs' => EnumList::class.':'.PartGroup::class,
        'one_sitting' => 'boolean',
        'is_away' => 'boolean',
        'cautions' => EnumList::class.':'.Caution::class,
        'sprayed' => 'boolean',
        'hold_kind' => HoldKind::class,
        'started_at' => 'immutable_datetime',
        'labour_done_at' => 'immutable_datetime',
        'hold_until' => 'immutable_datetime',
        'runs_until' => 'immutable_datetime',
        'gate_closed_at' => 'immutable_datetime',
        'baseline_start' => 'immutable_datetime',
        'baseline_end' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Person, $this> who has begun it */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasOne<PlanEntry, $this> */
    public function planned(): HasOne
    {
        return $this->hasOne(PlanEntry::class);
    }

    /** @return HasOne<Pin, $this> */
    public function pin(): HasOne
    {
        return $this->hasOne(Pin::class);
    }

    /** @return HasMany<TimeEntry, $this> that still count, and are in the instrument: not lost, and not in a piece that has left it */
    public function timeEntries(): HasMany
    {
        return $this->hasMany(TimeEntry::class)->whereNull('struck_at')->whereNull('setback_id')->whereNull('piece_id');
    }

    /** @return HasMany<TimeEntry, $this> */
    public function runningClocks(): HasMany
    {
        return $this->timeEntries()->whereNull('minutes');
    }

    /** Recorded minutes and what running clocks show by now; wants worked_minutes and runningClocks loaded. */
    public function minutesWorkedBy(CarbonImmutable $now): int
    {
        $running = $this->runningClocks->sum(static fn (TimeEntry $clock): int => $clock->elapsed($now));

        return (int) $this->worked_minutes + $running;
    }

    /** Set-up and labour. */
    public function workMinutes(): int
    {
        return $this->set_up_minutes + $this->labour_minutes;
    }

    /** A hold that has run out is over, whether or not somebody has said so; a piece that is away is back when somebody has. */
    public function isOver(CarbonImmutable $now): bool
    {
        return $this->state === OperationState::Done
            || ($this->state === OperationState::Holding && ! $this->is_away && $this->hold_until !== null && $this->hold_until <= $now);
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Setback;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Models\Casts\EnumList;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Regimen\Setback\PieceKind;

/**
 * A piece that has left the instrument it was made for: it lies in stock, is in another one, or is written off.
 *
 * @property PieceKind $kind
 * @property list<PieceKind> $kinds  with what is glued to it
 * @property PieceState $state
 * @property array<string, array<string, mixed>> $done  how far each operation on it is, by its key
 * @property array<string, string> $measured  typed, by field
 * @property CarbonImmutable $at
 * @property Build $madeFor
 * @property Build|null $build
 * @property SpecificationRevision $revision
 */
class MadePiece extends ShopModel
{
    protected $table = 'pieces';

    protected $casts = [
        'kind' => PieceKind::class, 'kinds' => EnumList::class.':'.PieceKind::class, 'state' => PieceState::class, 'done' => 'array', 'measured' => 'array',
        'at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Build, $this> */
    public function madeFor(): BelongsTo
    {
        return $this->belongsTo(Build::class, 'made_for_id');
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<SpecificationRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(SpecificationRevision::class, 'revision_id');
    }

    /** `P3, neck with fretboard, made for 34`. */
    public function name(): string
    {
        $kinds = array_map(static fn (PieceKind $one): string => $one->value, $this->kinds);

        return "P{$this->id}, ".implode(' with ', array_unique($kinds)).", made for {$this->madeFor->number}";
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\Parts\Part;
use App\Models\ShopModel;
use App\Models\Stores\Blank;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;

/**
 * @property PartGroup $group
 * @property KitState $state
 * @property int|null $part_id  of the catalogue, that is or is to be in it
 * @property int|null $piece_id  the piece in stock that it is in
 * @property int|null $setback_id  to whose loss it belongs
 * @property Build $build
 * @property Part|null $part
 * @property Collection<int, Blank> $blanks
 */
class KitLine extends ShopModel
{
    /** The unit of what is cut from stock and stands in no kit that is bought. */
    public const CUT_HERE = 'blank';

    /** The unit of work that is done elsewhere. */
    public const DONE_ELSEWHERE = 'job';

    /** The end of the name of what was taken from stock at the bench, for which the specification has no line. */
    public const BY_USE = ', by use';

    protected $casts = [
        'group' => PartGroup::class,
        'state' => KitState::class,
        'surplus' => 'boolean',
        'quantity' => 'float',
        'used' => 'float',
        'written_off' => 'float',
    ];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return HasMany<Blank, $this> that were cut for it */
    public function blanks(): HasMany
    {
        return $this->hasMany(Blank::class)->whereNull('freed_at')->orderBy('id');
    }

    /** What the whole line costs: as ordered, or as estimated until then. */
    public function costMinor(): int
    {
        return $this->cost_minor ?? $this->estimated_minor;
    }

    /** How much is neither used nor spoiled. */
    public function left(): float
    {
        return round($this->quantity - $this->used - $this->written_off, 3);
    }
}

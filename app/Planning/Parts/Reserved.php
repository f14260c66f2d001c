<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;

/** What of each part lies in the kits of builds in the making, and what is on its way for stock. */
final class Reserved
{
    /** @var array<int, float>|null */
    private ?array $reserved = null;

    /** @var array<int, float>|null */
    private ?array $coming = null;

    /** Thousandths of its unit in the drawer that nothing is wrong with. */
    public static function there(Part $part): int
    {
        return (int) StockLot::query()->whereBelongsTo($part)->where('wrong', '')->sum('left');
    }

    public function of(Part $part): float
    {
        $this->reserved ??= array_map(
            static fn (mixed $one): float => is_numeric($one) ? round((float) $one, 3) : 0.0,
            KitLine::query()->where('state', KitState::Arrived->value)->whereNotNull('part_id')->whereIn('build_id', Build::query()->open()->select('id'))
                ->selectRaw('part_id, sum(quantity - used - written_off) as kept')->groupBy('part_id')->pluck('kept', 'part_id')->all(),
        );

        return $this->reserved[$part->id] ?? 0.0;
    }

    public function coming(Part $part): float
    {
        $this->coming ??= array_map(
            static fn (mixed $one): float => is_numeric($one) ? Amount::units((int) $one) : 0.0,
            PartOrderLine::query()->toCome()->whereNull('kit_line_id')->whereNotNull('part_id')->selectRaw('part_id, sum(quantity - came) as coming')->groupBy('part_id')->pluck('coming', 'part_id')->all(),
        );

        return $this->coming[$part->id] ?? 0.0;
    }
}

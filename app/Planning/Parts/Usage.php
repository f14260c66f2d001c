<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Parts\MovementKind;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockMovement;
use App\Planning\House\House;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\ReorderPoint;
use Regimen\Stores\Stock\Amount;

/** How much of each part the work uses, and at which stock it has to be ordered again (CALCULATIONS I6). */
final class Usage
{
    private const DAYS = 365;

    /** What keeping stock costs in a year, of its value; house convention. */
    private const KEEPING = 0.2;

    /** @var array<int, array{float, float}>|null used in the year and the sum of the squares of its days, by part */
    private ?array $sums = null;

    public function __construct(private readonly House $house, private readonly LeadTimes $leads, private readonly Clock $clock)
    {
    }

    /** In the unit, in the last year. */
    public function aYear(Part $part): float
    {
        return $this->of($part)[0];
    }

    /** At which it is ordered again: what the house keeps at least, or more where more is used until an order comes; null for what is not kept in stock. */
    public function reorderAt(Part $part): ?float
    {
        [$total, $squares] = $this->of($part);
        $least = $part->least === null ? null : Amount::units($part->least);
        $offer = $part->offers->first();
        if ($least === null || $total <= 0 || $offer === null) {
            return $least;
        }
        $time = $this->leads->of($offer->supplier->name, $part->group, $offer->lead_days);

        return max($least, ReorderPoint::fromUse($total, $squares, self::DAYS, $time)->amount);
    }

    /**
     * How much is ordered at once: the lot that costs least over the year, at least what is missing.
     *
     * @param  float  $there  free or on its way
     */
    public function amount(Part $part, PartOffer $offer, float $there): float
    {
        $year = $this->aYear($part);
        $lot = $year > 0 && $offer->cost_minor > 0 ? ReorderPoint::lot($year, (float) $offer->supplier->freight_minor, self::KEEPING * $offer->cost_minor) : 0.0;
        $amount = max($lot, ($this->reorderAt($part) ?? 0.0) - $there);

        return Amount::isCounted($part->unit) ? ceil($amount) : ceil($amount * 10) / 10;
    }

    /** Days that what is there lasts; null where nothing is used. */
    public function lasts(Part $part, float $there): ?int
    {
        $year = $this->aYear($part);

        return $year > 0 ? (int) floor($there * self::DAYS / $year) : null;
    }

    /** @return array{float, float} */
    private function of(Part $part): array
    {
        $this->sums ??= $this->read();

        return $this->sums[$part->id] ?? [0.0, 0.0];
    }

    /** @return array<int, array{float, float}> */
    private function read(): array
    {
        $from = $this->clock->now()->setTimezone($this->house->zone())->subDays(self::DAYS)->toDateString();
        $kinds = array_map(static fn (MovementKind $one): string => $one->value, array_filter(MovementKind::cases(), static fn (MovementKind $one): bool => $one->isUse()));
        $days = StockMovement::query()->selectRaw('part_id, -sum(quantity) as used')->whereIn('kind', $kinds)->where('on', '>=', $from)->groupBy('part_id', 'on');
        $sums = [];
        foreach (DB::query()->fromSub($days, 'days')->selectRaw('part_id, sum(used) as total, sum(used * used) as squares')->groupBy('part_id')->get() as $row) {
            $sums[(int) $row->part_id] = [max(0.0, Amount::units((int) $row->total)), (float) $row->squares / 1e6];
        }

        return $sums;
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\KitLine;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\LeadTime;
use Regimen\Parts\PartGroup;

/**
 * How long orders take, learned by supplier and kind from what came (CALCULATIONS I5); what the house's price list says is where it begins. By kind
 * from three such orders on, by supplier until then. Read once for each plan.
 */
final class LeadTimes
{
    private const ENOUGH = 3;

    /** What came before these says nothing about a supplier any more. */
    private const LATEST = 400;

    /** @var array<string, list<int>>|null days from order to arrival, by supplier, and by supplier and kind */
    private ?array $took = null;

    /** @var array<string, non-empty-list<int>> what the house expected, by supplier */
    private array $expected = [];

    /** What has arrived since is looked up again. */
    public function forget(): void
    {
        $this->took = null;
        $this->expected = [];
    }

    /** @param  int  $leadDays  that the house expects */
    public function of(string $supplier, PartGroup $group, int $leadDays): LeadTime
    {
        $this->took ??= $this->read();
        $ofKind = $this->took["{$supplier}|{$group->value}"] ?? [];
        $took = $supplier === '' ? [] : (count($ofKind) >= self::ENOUGH ? $ofKind : $this->took[$supplier] ?? []);
        $median = max(1, $leadDays);

        return LeadTime::of($median, LeadTime::NINTH * $median, $took);
    }

    /** Days to count with: a part that takes nine and a half is there on the tenth. */
    public static function wholeDays(float $days): int
    {
        return (int) ceil($days - 1e-6);
    }

    /** `Hollow Lane takes 9 days in the middle, 16 for nine of ten (3 orders)`. */
    public static function words(string $supplier, LeadTime $time): string
    {
        $days = Say::count((int) round($time->median()), 'day').' in the middle, '.((int) round($time->ninthDecile())).' for nine of ten';

        return $time->n === 0 ? "no order of it has come yet, {$days} are taken" : ($supplier === '' ? 'it' : $supplier)." takes {$days} (".Say::count($time->n, 'order').')';
    }

    /** @return array<string, LeadTime> by suppliers of whom orders have come, beginning with what the house expected of them in the middle */
    public function suppliers(): array
    {
        $this->took ??= $this->read();
        $suppliers = [];
        foreach ($this->expected as $supplier => $days) {
            sort($days);
            $median = max(1, $days[intdiv(count($days), 2)]);
            $suppliers[$supplier] = LeadTime::of($median, LeadTime::NINTH * $median, $this->took[$supplier] ?? []);
        }
        ksort($suppliers);

        return $suppliers;
    }

    /** @return array<string, list<int>> */
    private function read(): array
    {
        $took = [];
        $lines = KitLine::query()->whereNotNull('arrived_on')->whereNotNull('ordered_on')->whereColumn('arrived_on', '>=', 'ordered_on')
            ->orderByDesc('arrived_on')->orderByDesc('id')->limit(self::LATEST)->toBase()->get(['supplier', 'group', 'lead_days', 'ordered_on', 'arrived_on']);
        $forStock = DB::table('parcel_lines')->join('parcels', 'parcels.id', 'parcel_id')->join('part_order_lines', 'part_order_lines.id', 'part_order_line_id')->join('part_orders', 'part_orders.id', 'part_order_lines.part_order_id')
            ->join('suppliers', 'suppliers.id', 'supplier_id')->join('parts', 'parts.id', 'part_order_lines.part_id')->whereNull('part_order_lines.build_id')->orderByDesc('parcel_lines.id')->limit(self::LATEST)
            ->selectRaw('suppliers.name as supplier, parts."group" as "group", max(1, cast(julianday(expected_on) - julianday(ordered_on) as integer)) as lead_days, ordered_on, arrived_on')->get();
        foreach ($lines->concat($forStock) as $line) {
            $days = (int) (new \DateTimeImmutable((string) $line->ordered_on))->diff(new \DateTimeImmutable((string) $line->arrived_on))->days;
            $took[(string) $line->supplier][] = $days;
            $took["{$line->supplier}|{$line->group}"][] = $days;
            if ($line->supplier !== '') {
                $this->expected[(string) $line->supplier][] = (int) $line->lead_days;
            }
        }

        return $took;
    }
}

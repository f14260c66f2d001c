<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Parts\PartOrder;
use App\Models\Parts\Supplier;
use App\Pages\Buying\SupplierShown;
use App\Pages\Buying\SuppliersProps;
use App\Planning\House\House;
use App\Planning\Problem\LeadTimes;
use App\Support\Say;

/** Who sells to the shop, how an order reaches them, and how punctual they are. */
final readonly class SuppliersPage
{
    public function __construct(private House $house, private LeadTimes $leads)
    {
    }

    public function data(): SuppliersProps
    {
        $times = $this->leads->suppliers();
        $open = PartOrder::query()->onTheWay()->selectRaw('supplier_id, count(*) as orders')->groupBy('supplier_id')->pluck('orders', 'supplier_id');
        $suppliers = Supplier::query()->withCount('offers')->orderBy('name')->get();
        $unreachable = $suppliers->reject(static fn (Supplier $one): bool => $one->canBeReached())->count();

        return new SuppliersProps(
            $suppliers->isEmpty() ? 'No supplier yet' : ucfirst(Say::count($suppliers->count(), 'supplier')).($unreachable === 0 ? '' : ", {$unreachable} without an address"),
            array_values($suppliers->map(fn (Supplier $one): SupplierShown => new SupplierShown(
                id: $one->id, version: $one->version, name: $one->name, email: $one->email, address: $one->address, freight: $this->house->money($one->freight_minor)->plain(),
                expressDays: $one->express_days, express: $this->house->money($one->express_minor)->plain(), note: $one->note,
                learned: isset($times[$one->name]) ? ucfirst(LeadTimes::words($one->name, $times[$one->name])).'.' : 'No order of it has come yet.', parts: (int) $one->offers_count, open: (int) ($open[$one->id] ?? 0),
                median: isset($times[$one->name]) ? (int) round($times[$one->name]->median()) : null, ninth: isset($times[$one->name]) ? (int) round($times[$one->name]->ninthDecile()) : null, orders: $times[$one->name]->n ?? 0,
            ))->all()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\Earned;

/** What instruments earned: their price without tax, what went into them, and the hours. */
final readonly class Accounts
{
    public function __construct(private BuildCosts $costs)
    {
    }

    /**
     * Finished instruments with a price.
     *
     * @param  string|null  $from  instant, in UTC
     * @param  string|null  $to  instant, in UTC; not within
     * @return list<Account> the latest first
     */
    public function finished(?string $from = null, ?string $to = null): array
    {
        $query = Build::query()->where('status', BuildStatus::Finished->value)->whereNotNull('price_minor')
            ->when($from !== null, static fn ($builds) => $builds->where('finished_at', '>=', $from))->when($to !== null, static fn ($builds) => $builds->where('finished_at', '<', $to));
        $costs = $this->costs->of((clone $query)->select('id')->toBase());
        $nets = $this->invoiced();
        $accounts = [];
        foreach ((clone $query)->with('client:id,name')->orderByDesc('finished_at')->orderByDesc('id')->get() as $build) {
            $accounts[] = $this->account($build, $costs[$build->id] ?? $this->costs->none(), $nets[$build->id] ?? null);
        }

        return $accounts;
    }

    public function of(Build $build): Account
    {
        $costs = $this->costs->of(DB::table('builds')->where('id', $build->id)->select('id'));

        return $this->account($build, $costs[$build->id] ?? $this->costs->none(), $this->invoiced($build->id)[$build->id] ?? null);
    }

    private function account(Build $build, BuildCost $cost, ?int $invoiced): Account
    {
        return new Account($build, $cost, new Earned($this->costs->net((int) $build->price_minor, $invoiced), $cost->material, $cost->outside, $cost->hours));
    }

    /** @return array<int, int> nets of builds that are invoiced whole, credit notes taken off */
    private function invoiced(?int $build = null): array
    {
        $open = DB::table('payment_parts')->whereNull('invoice_id')->select('build_id');

        return DB::table('invoices')->whereNotIn('build_id', $open)->when($build !== null, static fn ($query) => $query->where('build_id', $build))
            ->groupBy('build_id')->selectRaw("build_id, sum(case when kind = '381' then -net_minor else net_minor end) as net")->pluck('net', 'build_id')->map(static fn (mixed $net): int => (int) $net)->all();
    }
}

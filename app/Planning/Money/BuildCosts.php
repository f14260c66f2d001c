<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Build\KitLine;
use App\Planning\House\House;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\MaterialUse;
use Regimen\Units\Duration;
use Regimen\Units\Money;

/** Hours, material and work done elsewhere of many builds at once, from what is recorded. */
final readonly class BuildCosts
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param  Builder  $builds  their ids
     * @return array<int, BuildCost> by build
     */
    public function of(Builder $builds): array
    {
        $zero = $this->house->money(0);
        $minutes = $labour = $material = $outside = $losses = $people = [];
        foreach ($this->time($builds) as $row) {
            $build = (int) $row->build_id;
            $worth = $this->house->money((int) $row->rate_minor)->forTime(Duration::ofMinutes((int) $row->minutes));
            if ($row->setback_id !== null || $row->mends !== null) {
                $losses[$build] = ($losses[$build] ?? $zero)->plus($worth);

                continue;
            }
            $minutes[$build] = ($minutes[$build] ?? 0) + (int) $row->minutes;
            $labour[$build] = ($labour[$build] ?? $zero)->plus($worth);
            $people[$build][(int) $row->person_id] = ($people[$build][(int) $row->person_id] ?? 0) + (int) $row->minutes;
        }
        foreach ($this->kit($builds) as $row) {
            $build = (int) $row->build_id;
            $split = (new MaterialUse($this->house->money((int) ($row->cost_minor ?? $row->estimated_minor)), (float) $row->quantity, (float) $row->used, (float) $row->written_off))->split();
            $losses[$build] = ($losses[$build] ?? $zero)->plus($split->lost);
            if ($row->unit === KitLine::DONE_ELSEWHERE) {
                $outside[$build] = ($outside[$build] ?? $zero)->plus($split->used);
            } else {
                $material[$build] = ($material[$build] ?? $zero)->plus($split->used);
            }
        }
        $costs = [];
        foreach (array_keys($minutes + $material + $outside + $losses) as $build) {
            $costs[$build] = new BuildCost(
                Duration::ofMinutes($minutes[$build] ?? 0), $labour[$build] ?? $zero, $material[$build] ?? $zero, $outside[$build] ?? $zero, $losses[$build] ?? $zero, $people[$build] ?? [],
            );
        }

        return $costs;
    }

    public function none(): BuildCost
    {
        $zero = $this->house->money(0);

        return new BuildCost(Duration::zero(), $zero, $zero, $zero, $zero, []);
    }

    /** @return list<\stdClass> */
    private function time(Builder $builds): array
    {
        return array_values(DB::table('time_entries as t')->join('operations as o', 'o.id', '=', 't.operation_id')->whereNull('t.struck_at')->whereNotNull('t.minutes')->whereNull('t.piece_id')->whereIn('o.build_id', $builds)
            ->get(['o.build_id', 't.person_id', 't.minutes', 't.rate_minor', 't.setback_id', 'o.setback_id as mends'])->all());
    }

    /** @return list<\stdClass> what was used or spoiled of kits */
    private function kit(Builder $builds): array
    {
        return array_values(DB::table('kit_lines')->whereIn('build_id', $builds)->whereNull('piece_id')->where('quantity', '>', 0)->whereRaw('used + written_off > 0')
            ->get(['build_id', 'unit', 'quantity', 'used', 'written_off', 'cost_minor', 'estimated_minor'])->all());
    }

    /** The price without tax: the nets of what was invoiced, or the price under the house’s tax where nothing was. */
    public function net(int $gross, ?int $invoiced): Money
    {
        return $invoiced !== null ? $this->house->money($invoiced) : $this->house->tax()->within($this->house->money($gross));
    }
}

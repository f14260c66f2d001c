<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Planning\Plan\BuildProgress;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\AtCompletion;
use Regimen\Units\Money;

/**
 * Hours and money of a build held against what was set for it, whole and stage by stage. Of money only the labour to come is
 * uncertain; material counts as it is priced.
 */
final readonly class BudgetOutlook
{
    /** A stage of which fewer than half such builds stay within its share breaks it. */
    private const EVEN = 0.5;

    public function __construct(public HoursOutlook $hours, private BuildProgress $progress, private House $house, private Clock $clock)
    {
    }

    /**
     * @param  Collection<int, Operation>  $operations  with worked_minutes and runningClocks, without those that mend a setback
     * @return list<StageBudget> in the order of the route
     */
    public function stages(Collection $operations, ?Build $build): array
    {
        $planned = max(1, $operations->sum(static fn (Operation $one): int => $one->workMinutes()));
        $stages = [];
        foreach ($operations->groupBy(static fn (Operation $one): string => $one->stage->words()) as $name => $ones) {
            $own = (int) $ones->sum(static fn (Operation $one): int => $one->workMinutes());
            $share = $build?->budget_minutes === null ? (float) $own : $build->budget_minutes * $own / $planned;
            $all = $this->hours->of(new Collection($ones->all()), (string) $build?->model);
            $stages[] = new StageBudget((string) $name, $own, (int) $ones->sum($this->worked(...)), $all, $share, $build?->budget_minutes === null ? null : $all->within($share));
        }

        return $stages;
    }

    /** @param  Build  $build  with operations (and worked_minutes, runningClocks), kit */
    public function cost(Build $build, AtCompletion $all): CostOutlook
    {
        $entries = TimeEntry::query()->whereIn('operation_id', $build->operations->modelKeys())->whereNull('struck_at')->with('operation:id,setback_id')->get();
        $cost = $this->progress->cost($build, $entries);
        $labour = $this->labourLeft($all, (int) $build->operations->whereNull('setback_id')->sum($this->worked(...)));
        $total = $cost->atCompletion($labour);

        return new CostOutlook($cost, $labour, $total, $build->budget_minor === null ? null : $this->within($build->budget_minor, $total, $all));
    }

    /**
     * What its stages cost in the end, and which share of the money set for it each may: as it was planned, with the material that
     * is used first in it.
     *
     * @param  Build  $build  with operations, kit
     * @param  list<StageBudget>  $stages
     * @return list<StageCost>
     */
    public function stageCosts(Build $build, array $stages): array
    {
        if ($build->budget_minor === null) {
            return [];
        }
        $stageOf = [];
        foreach ($build->operations as $operation) {
            foreach ($operation->needs as $group) {
                $stageOf[$group->value] ??= $operation->stage->words();
            }
        }
        $costs = [];
        $whole = 0;
        foreach ($stages as $at => $stage) {
            $material = (int) $build->kit->filter(static fn (KitLine $line): bool => ! $line->surplus && ($stageOf[$line->group->value] ?? $stages[0]->name) === $stage->name)->sum(static fn (KitLine $line): int => $line->costMinor());
            $plannedCost = $this->house->rate()->times($stage->planned / 60)->minor + $material;
            $whole += $plannedCost;
            $costs[$at] = [$plannedCost, $this->house->rate()->times($stage->all->mean() / 60)->minor + $material];
        }

        return array_map(function (StageBudget $stage, array $cost) use ($build, $whole): StageCost {
            $share = (int) round($build->budget_minor * $cost[0] / max(1, $whole));

            return new StageCost($stage->name, $this->house->money($cost[0]), $this->house->money($cost[1]), $this->house->money($share), $this->within($share, $this->house->money($cost[1]), $stage->all), $stage->all->isOver());
        }, $stages, $costs);
    }

    /**
     * What a forecast keeps of it; nothing where nothing is set.
     *
     * @return array{hours_within: int|null, cost_within: int|null, breaks: string} in thousandths, and the first stage that breaks its share
     */
    public function kept(Build $build): array
    {
        if ($build->budget_minutes === null && $build->budget_minor === null) {
            return ['hours_within' => null, 'cost_within' => null, 'breaks' => ''];
        }
        $build->load(['operations' => static fn ($operations) => $operations->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks'), 'kit']);
        $operations = $build->operations->whereNull('setback_id')->values();
        $all = $this->hours->of($operations, (string) $build->model);
        $stages = $this->stages($operations, $build);
        $breaks = [...array_filter($stages, static fn (StageBudget $one): bool => $one->willBreak()), ...array_filter($this->stageCosts($build, $stages), static fn (StageCost $one): bool => $one->willBreak())];
        $cost = $this->cost($build, $all)->within;

        return [
            'hours_within' => $build->budget_minutes === null ? null : (int) round(1_000 * $all->within($build->budget_minutes)),
            'cost_within' => $cost === null ? null : (int) round(1_000 * $cost),
            'breaks' => $breaks === [] ? '' : $breaks[0]->name,
        ];
    }

    public static function isBroken(?float $within): bool
    {
        return $within !== null && $within < self::EVEN;
    }

    /** The chance that it costs no more: what may be worked for the money that is left, at the shop’s rate. */
    private function within(int $budget, Money $total, AtCompletion $all): float
    {
        $rate = $this->house->rate()->minor;

        return $rate === 0 ? ($total->minor <= $budget ? 1.0 : 0.0) : $all->within($all->mean() + 60 * ($budget - $total->minor) / $rate);
    }

    private function labourLeft(AtCompletion $all, int $worked): Money
    {
        return $this->house->rate()->times(max(0.0, $all->mean() - $worked) / 60);
    }

    private function worked(Operation $one): int
    {
        return $one->minutesWorkedBy($this->clock->now());
    }
}

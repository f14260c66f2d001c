<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Pages\LookingBack\HonestFigure;
use App\Pages\LookingBack\ProgressProps;
use App\Pages\LookingBack\StageOutlook;
use App\Planning\Forecast\BudgetOutlook;
use App\Planning\Forecast\CostOutlook;
use App\Planning\Forecast\StageBudget;
use App\Planning\Forecast\StageCost;
use App\Planning\House\House;
use App\Planning\Plan\BuildProgress;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\AtCompletion;
use Regimen\Forecast\EarnedSchedule;
use Regimen\Forecast\EarnedValue;

/** Planned, earned and worked hours in time, of a build or of the shop, with what they come to and why. */
final readonly class ProgressPage
{
    private const OFF = 0.95;

    public function __construct(private ProgressWeeks $weeks, private BudgetOutlook $budgets, private BuildProgress $progress, private House $house, private Clock $clock)
    {
    }

    public function ofBuild(Build $build): ProgressProps
    {
        $build->load(['operations' => static fn ($operations) => $operations->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks'), 'kit']);
        $operations = $build->operations->whereNull('setback_id')->values();
        $value = $this->progress->earnedValue($build);
        $all = $this->budgets->hours->of($operations, (string) $build->model);
        $own = BuildForecast::query()->where('forecast_id', Forecast::newestId())->where('build_id', $build->id)->first();
        $stages = $this->budgets->stages($operations, $build);
        $costs = $this->budgets->stageCosts($build, $stages);
        $weeks = $this->weeks->of(new Collection([$build]), $own?->by95);
        $schedule = $this->weeks->earned($weeks, $value->earned);
        $budget = $build->budget_minutes;

        return new ProgressProps(
            number: $build->number, title: $build->title, headline: self::headline($value, $schedule, $build->status !== BuildStatus::Open), reason: self::reason($value, $schedule),
            todo: self::todo($stages, $costs),
            weeks: $weeks, today: $this->clock->today($this->house->zone()), promisedOn: $build->promised_on, by50: $this->day($own?->by50), by95: $this->day($own?->by95),
            total: self::hours($all->mean()), low: self::hours($all->band(0.8)[0]), high: self::hours($all->band(0.8)[1]),
            figures: $this->figures($value, $schedule, $all), stages: self::lines($stages), money: $this->money($build, $this->budgets->cost($build, $all)),
            costs: array_map(static fn (StageCost $one): StageOutlook => new StageOutlook($one->name, $one->planned->plain(), '', $one->total->plain(), $one->share->plain(), self::percent($one->within), $one->breaks()), $costs),
            budget: $budget === null ? null : Say::figure($budget / 60, 1),
            budgetWords: $budget === null ? 'No hours are set for it. Once they are, they are watched as the promise is, stage by stage.'
                : 'Of '.Say::figure($budget / 60, 1).' h it stays within them in '.((int) round(100 * $all->within($budget))).' of 100 such builds; '.Say::duration((int) $all->mean()).' are expected.',
            moneyBudget: $build->budget_minor === null ? null : $this->house->money($build->budget_minor)->plain(),
            version: $build->version, open: $build->status === BuildStatus::Open,
        );
    }

    /** All open builds together. */
    public function ofShop(): ProgressProps
    {
        $builds = Build::query()->open()->with(['operations' => static fn ($operations) => $operations->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks'), 'kit'])->orderBy('number')->get();
        $sum = [0.0, 0.0, 0.0, 0.0];
        $operations = new Collection;
        foreach ($builds as $build) {
            $value = $this->progress->earnedValue($build);
            foreach ([$value->budget, $value->planned, $value->earned, $value->actual] as $at => $one) {
                $sum[$at] += $one;
            }
            $operations = $operations->concat($build->operations->whereNull('setback_id'));
        }
        $value = new EarnedValue(...$sum);
        $all = $this->budgets->hours->of(new Collection($operations->all()), '');
        $weeks = $this->weeks->of($builds, null);
        $schedule = $this->weeks->earned($weeks, $value->earned);
        $stages = $this->budgets->stages(new Collection($operations->all()), null);

        return new ProgressProps(
            number: null, title: 'all open builds', headline: self::headline($value, $schedule, false), reason: self::reason($value, $schedule), todo: '',
            weeks: $weeks, today: $this->clock->today($this->house->zone()), promisedOn: null, by50: null, by95: null,
            total: self::hours($all->mean()), low: self::hours($all->band(0.8)[0]), high: self::hours($all->band(0.8)[1]),
            figures: $this->figures($value, $schedule, $all), stages: self::lines($stages), money: [], costs: [], budget: null, budgetWords: '', moneyBudget: null, version: 0, open: false,
        );
    }

    private static function headline(EarnedValue $value, ?EarnedSchedule $schedule, bool $isOver): string
    {
        if ($value->budget <= 0) {
            return 'No work is planned';
        }
        $share = (int) round(100 * $value->earned / $value->budget);
        if ($isOver || $schedule === null) {
            return "{$share} % of the work is earned";
        }
        $weeks = $schedule->passed - $schedule->periods;

        return "{$share} % of the work is earned; ".match (true) {
            $weeks > 0.5 => 'by its first plan that is '.Say::figure($weeks, 1).' weeks behind',
            $weeks < -0.5 => 'by its first plan that is '.Say::figure(-$weeks, 1).' weeks ahead',
            default => 'that is as its first plan has it',
        };
    }

    private static function reason(EarnedValue $value, ?EarnedSchedule $schedule): string
    {
        if ($value->actual <= 0) {
            return 'No hours are recorded yet.';
        }
        $takes = $value->costIndex === null ? 1.0 : 1 / $value->costIndex;
        $slow = $takes > 1 / self::OFF;
        $behind = $schedule !== null && $schedule->index() < self::OFF;
        $worked = Say::figure($value->actual, 0).' h were worked where '.Say::figure($value->planned, 0).' h were planned by now';

        return match (true) {
            $slow && $behind => "Work takes longer than estimated, {$worked}; an hour that is planned takes ".number_format($takes, 2).' h.',
            $slow => 'It keeps its time because more is worked on it: an hour that is planned takes '.number_format($takes, 2).' h.',
            $behind && $value->actual < self::OFF * $value->planned => "It is behind because less was worked on it: {$worked}. What was worked earned what it should.",
            $behind => "Its work is done in another order than its first plan had it: {$worked}.",
            default => 'Work takes what was estimated, and it is done when it was planned.',
        };
    }

    /** @return list<HonestFigure> */
    private function figures(EarnedValue $value, ?EarnedSchedule $schedule, AtCompletion $all): array
    {
        $hours = static fn (float $hours): string => Say::figure($hours, 1).' h';
        $index = static fn (?float $index): string => $index === null ? '–' : number_format($index, 2);
        [$low, $high] = $all->band(0.8);

        return [
            new HonestFigure('planned', 'planned in all', $hours($value->budget), 'BAC; '.$hours($value->planned).' of it by now by its first plan (PV).'),
            new HonestFigure('earned', 'earned', $hours($value->earned), 'EV: what was planned for what is done.'),
            new HonestFigure('worked', 'worked', $hours($value->actual), 'AC; earned for each hour of it (CPI) '.$index($value->costIndex).'.'),
            new HonestFigure('spi', 'earned for what was planned', $index($value->scheduleIndex), 'SPI; late in a build it comes near 1 whatever the calendar says.'),
            new HonestFigure('spit', 'in time', $schedule === null ? '–' : $index($schedule->index()), $schedule === null ? 'SPI(t) wants a first plan and a week that has passed.'
                : 'SPI(t): as much is earned as its first plan had after '.Say::figure($schedule->periods, 2).' weeks, and '.Say::figure($schedule->passed, 2).' have passed.', $schedule !== null && $schedule->index() < self::OFF),
            new HonestFigure('total', 'comes to', Say::duration((int) round($all->mean())), 'Worked, and what is left by what such work has taken here; eight in ten between '.Say::duration((int) round($low)).' and '.Say::duration((int) round($high)).'. By CPI alone: '.($value->atCompletion === null ? 'not known' : $hours($value->atCompletion)).'.', $all->mean() / 60 > 1.1 * $value->budget),
        ];
    }

    /**
     * @param  list<StageBudget>  $stages
     * @return list<StageOutlook>
     */
    private static function lines(array $stages): array
    {
        return array_map(static fn (StageBudget $one): StageOutlook => new StageOutlook(
            $one->name, Say::duration($one->planned), Say::duration($one->worked), Say::duration((int) round($one->all->mean())),
            Say::duration((int) round($one->share)), self::percent($one->within), $one->breaks(),
        ), $stages);
    }

    /** @return list<HonestFigure> */
    private function money(Build $build, CostOutlook $cost): array
    {
        $planned = $this->house->money((int) $build->estimated_labour_minor + (int) $build->estimated_material_minor);
        $may = $build->budget_minor === null ? [] : [new HonestFigure(
            'may', 'may cost', $this->house->money($build->budget_minor)->plain(), 'It stays within that in '.self::percent($cost->within).' of 100 such builds.', BudgetOutlook::isBroken($cost->within),
        )];

        return [
            new HonestFigure('planned', 'planned cost', $planned->plain(), 'Labour and material as they were estimated when it was ordered.'),
            new HonestFigure('spent', 'spent', $cost->cost->soFar()->plain(), 'Labour by what people cost, and the material that is used.'),
            new HonestFigure('total', 'comes to', $cost->total->plain(), "With {$cost->labour->plain()} of labour to come at the shop’s rate, as long as such work has taken, and {$cost->cost->materialToCome->plain()} of material that is still to be used.", $cost->total->minor > 1.1 * $planned->minor),
            ...$may,
        ];
    }

    /**
     * @param  list<StageBudget>  $stages
     * @param  list<StageCost>  $costs
     */
    private static function todo(array $stages, array $costs): string
    {
        $hours = array_values(array_filter($stages, static fn (StageBudget $one): bool => $one->willBreak()));
        $money = array_values(array_filter($costs, static fn (StageCost $one): bool => $one->willBreak()));
        if ($hours !== [] && $money !== [] && $hours[0]->name === $money[0]->name) {
            return ucfirst($hours[0]->name).' will break its share of the hours and of the money first: look at what is left of it before it begins.';
        }
        $words = array_filter([
            $hours === [] ? '' : ucfirst($hours[0]->name).' will break its share of the hours first: look at what is left of it before it begins.',
            $money === [] ? '' : ucfirst($money[0]->name).' will break its share of the money first: look at what is still to be bought for it and how long it takes.',
        ]);

        return implode(' ', $words);
    }

    private static function percent(?float $share): ?int
    {
        return $share === null ? null : (int) round(100 * $share);
    }

    private static function hours(float $minutes): int
    {
        return (int) round($minutes / 60);
    }

    private function day(?CarbonImmutable $instant): ?string
    {
        return $instant?->setTimezone($this->house->zone())->format('Y-m-d');
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\People\TimeEntry;
use App\Pages\Sheet\Progress;
use App\Pages\Sheet\ProgressFigure;
use App\Planning\House\House;
use App\Planning\Plan\BuildProgress;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Forecast\EarnedValue;
use Regimen\Forecast\Outlook;
use Regimen\Units\Money;

/** Progress against the deadline: each figure with its “because”. */
final readonly class ProgressWords
{
    public function __construct(private BuildProgress $progress, private House $house)
    {
    }

    /**
     * @param  Collection<int, TimeEntry>  $entries
     */
    public function of(Build $build, Collection $entries, Outlook $outlook, bool $withMoney): Progress
    {
        $value = $this->progress->earnedValue($build);

        return new Progress(
            budget: round($value->budget, 2),
            planned: round($value->planned, 2),
            earned: round($value->earned, 2),
            actual: round($value->actual, 2),
            share: $value->budget > 0 ? round($value->earned / $value->budget, 4) : 0,
            figures: $build->route_lacks === '' ? [
                ...$this->hours($value), ...$withMoney ? $this->money($build, $entries, $value) : [],
            ] : [],
        );
    }

    /** @return list<ProgressFigure> */
    private function hours(EarnedValue $v): array
    {
        $h = static fn (float $hours): string => Say::figure($hours, 1).' h';

        $pace = $v->scheduleIndex === null
            ? 'Nothing was planned to be done by now, so there is no pace yet.'
            : "Earned {$h($v->earned)} of the {$h($v->planned)} that the first plan had by now: {$h($v->earned)} / "
                ."{$h($v->planned)} = ".self::index($v->scheduleIndex).'. Under 1 is behind that plan.';
        $spent = $v->costIndex === null
            ? 'No hours have been worked and earned yet.'
            : "Earned {$h($v->earned)} in {$h($v->actual)} of work: {$h($v->earned)} / {$h($v->actual)} = "
                .self::index($v->costIndex).'. Under 1 takes longer than the house standards say. Work under way '
                .'earns at most 90 % until it is done.';
        $end = $v->atCompletion === null
            ? "The estimate, {$h($v->budget)}, until there are hours to learn from."
            : "The estimate at the pace so far: {$h($v->budget)} / ".self::index($v->costIndex).' = '
                ."{$h($v->atCompletion)}; {$h((float) $v->toComplete)} still to come.";

        return [
            self::figure(
                'spi', 'Pace against the plan (SPI)', self::index($v->scheduleIndex), $pace,
                $v->scheduleIndex !== null && $v->scheduleIndex < 0.9,
            ),
            self::figure(
                'cpi', 'Hours well spent (CPI)', self::index($v->costIndex), $spent,
                $v->costIndex !== null && $v->costIndex < 0.9,
            ),
            self::figure(
                'eac', 'Hours expected in the end', $h($v->atCompletion ?? $v->budget), $end,
                $v->varianceAtCompletion !== null && $v->varianceAtCompletion < -0.1 * $v->budget,
            ),
        ];
    }

    /**
     * @param  Collection<int, TimeEntry>  $entries
     * @return list<ProgressFigure>
     */
    private function money(Build $build, Collection $entries, EarnedValue $value): array
    {
        $cost = $this->progress->cost($build, $entries);
        $toCome = $this->progress->labourToCome($value);
        $end = $cost->atCompletion($toCome);
        $estimate = $this->house->money($build->estimated_labour_minor + $build->estimated_material_minor);
        $price = $build->price_minor === null ? null : $this->house->money($build->price_minor);
        $figures = [
            self::figure(
                'cost',
                'Cost so far',
                $cost->soFar()->plain(),
                "Labour {$cost->labour->plain()} at each person’s rate + material used {$cost->materialUsed->plain()}."
                    .($cost->losses->minor > 0
                        ? " Lost and not in it: {$cost->losses->plain()}, in the loss account."
                        : ''),
            ),
            ...$cost->losses->minor === 0 ? [] : [self::figure(
                'losses', 'In the loss account', $cost->losses->plain(),
                "Work {$cost->lostLabour->plain()} on what was spoiled and on mending it + timber and parts {$cost->losses->minus($cost->lostLabour)->plain()} that were written off. It is not in the cost above.",
            )],
            self::figure(
                'cost-end',
                'Cost expected in the end',
                $end->plain(),
                "So far {$cost->soFar()->plain()} + material to come {$cost->materialToCome->plain()} + labour to come "
                    ."{$toCome->plain()} at the shop’s rate. Estimated at the start: {$estimate->plain()}.",
                $end->minor > 1.1 * $estimate->minor,
            ),
        ];
        if ($price !== null) {
            $figures[] = self::figure(
                'left',
                'Left of the price',
                $price->minus($end)->plain(),
                "Price {$price->plain()} − cost expected {$end->plain()}; overhead and profit are paid from it."
                    .self::share($price, $end),
                $price->minor < $end->minor,
            );
        }

        return $figures;
    }

    private static function share(Money $price, Money $end): string
    {
        return $price->minor > 0
            ? ' That is '.Say::figure(100 * ($price->minor - $end->minor) / $price->minor, 1).' % of the price.'
            : '';
    }

    private static function figure(string $key, string $name, string $value, string $because, bool $warn = false): ProgressFigure
    {
        return new ProgressFigure(key: $key, name: $name, value: $value, because: $because, warn: $warn, isMoney: in_array($key, ['cost', 'cost-end', 'left'], true));
    }

    private static function index(?float $index): string
    {
        return $index === null ? 'not yet' : number_format($index, 2, '.', '');
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\OperationStandard;
use App\Pages\Standards\LearnedHours;
use App\Planning\House\LearnedStandard;
use App\Support\Say;
use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Outlier;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Standard;

/** What the trade and the shop's own past say about the hours of a standard. */
final class StandardHours
{
    /** Labour as usual, in words; null where the trade does not know it so. */
    public static function trade(OperationStandard $row): ?string
    {
        /** @var HouseStandards|null $all */
        static $all = null;
        $all ??= TradeStandards::all();
        $trade = array_values(array_filter($all->ways($row->key), static fn (Standard $one): bool => $one->tool === $row->tool))[0] ?? null;

        return $trade === null ? null : Say::duration($trade->hours->likely->minutes);
    }

    public static function learned(?LearnedStandard $own): ?LearnedHours
    {
        if ($own?->lesson === null) {
            return null;
        }
        $hours = $own->lesson->hours;
        // The oldest first, as a picture in time.
        $ratios = array_map(static fn (Job $job): float => round($job->worked / max(1, $job->estimated), 3), array_reverse($own->jobs));

        return new LearnedHours(
            best: Say::duration($hours->best->minutes), labour: Say::duration($hours->likely->minutes), worst: Say::duration($hours->worst->minutes), jobs: $own->lesson->jobs, ratios: $ratios,
            keptOut: array_map(static fn (Outlier $one): string => "{$one->job->name}: {$one->because}", $own->out),
        );
    }
}

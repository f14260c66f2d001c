<?php

declare(strict_types=1);

namespace App\Actions\Forecast;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Models\People\Person;
use App\Planning\Forecast\BudgetOutlook;
use App\Planning\House\House;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Units\Money;

/** The hours that a build may take and the money that it may cost; none where they are taken away again. */
final readonly class SetBudget
{
    public function __construct(private Recording $recording, private BudgetOutlook $outlook, private House $house)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, ?int $minutes, ?Money $money): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $minutes, $money): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is not in the making any more.");
            }
            [$hours, $cost] = [$build->budget_minutes, $build->budget_minor];
            if ($hours === $minutes && $cost === $money?->minor) {
                return;
            }
            $build->update(['budget_minutes' => $minutes, 'budget_minor' => $money?->minor, 'version' => $build->version + 1]);
            if ($hours !== $minutes) {
                $this->log($by, $build, $minutes === null ? '' : Say::duration($minutes), $hours === null ? '' : Say::duration($hours), 'hours are');
            }
            if ($cost !== $money?->minor) {
                $this->log($by, $build, (string) $money, $cost === null ? '' : (string) $this->house->money($cost), 'money is');
            }
            BuildForecast::query()->where('forecast_id', Forecast::newestId())->where('build_id', $build->id)->update($this->outlook->kept($build));
        });
    }

    private function log(Person $by, Build $build, string $is, string $was, string $what): void
    {
        $this->recording->log($build, $by, 'budget', match (true) {
            $is === '' => "No {$what} set for it any more, {$was} before.",
            $was === '' => "{$is} are set for it.",
            default => "{$is} are set for it, {$was} before.",
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Forecast\Forecast;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Planning\Forecast\Forecasting;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out the chances of the plan in force, once for each plan; nobody waits for it. */
final class ForecastShop implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $timeout = 300;

    public int $uniqueFor = 300;

    public function handle(Forecasting $forecasting): void
    {
        $plan = Plan::query()->latest('id')->first();
        if ($plan === null || Forecast::query()->where('plan_id', $plan->id)->where('state', HelpState::Done->value)->exists()) {
            return;
        }
        $forecasting->run($plan);
    }

    public function failed(): void
    {
        Forecast::query()->where('state', HelpState::Trying->value)->update(['state' => HelpState::Failed->value]);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Forecast;

use App\Actions\Recording;
use App\Jobs\FindWhatRaises;
use App\Jobs\ForecastShop;
use App\Models\Forecast\Forecast;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Support\Clock;

/** Has the chances of the plan in force worked out in the queue, and what would raise them; once for each plan, and again where it failed. */
final readonly class AskForChances
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(): void
    {
        $isAsked = $this->recording->keep(function (): bool {
            $plan = Plan::query()->latest('id')->first(['id']);
            $state = $plan === null ? null : Forecast::query()->where('plan_id', $plan->id)->first()?->state;
            if ($plan === null || ($state !== null && $state !== HelpState::Failed)) {
                return false;
            }
            Forecast::query()->updateOrCreate(
                ['plan_id' => $plan->id], ['state' => HelpState::Trying, 'made_at' => $this->clock->now(), 'months' => [], 'helps' => [], 'helps_state' => HelpState::None],
            );

            return true;
        });
        if ($isAsked) {
            ForecastShop::dispatch();
        }
    }

    /** What would raise the chances that are there. */
    public function raised(): void
    {
        $forecast = $this->recording->keep(static function (): ?int {
            $forecast = Forecast::newest();
            if ($forecast === null || ! in_array($forecast->helps_state, [HelpState::None, HelpState::Failed], true)) {
                return null;
            }
            $forecast->update(['helps_state' => HelpState::Trying]);

            return $forecast->id;
        });
        if ($forecast !== null) {
            FindWhatRaises::dispatch($forecast);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Recording;
use App\Jobs\FindWhatHelps;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanHelp;

/** Has it found in the queue what would help the plan in force; once for each plan, and again where it failed. */
final readonly class AskWhatHelps
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(): void
    {
        $plan = $this->recording->keep(static function (): ?int {
            $plan = Plan::query()->latest('id')->first(['id']);
            $state = $plan === null ? null : PlanHelp::query()->where('plan_id', $plan->id)->first()?->state;
            if ($plan === null || $state !== null && $state !== HelpState::Failed) {
                return null;
            }
            PlanHelp::query()->updateOrCreate(
                ['plan_id' => $plan->id], ['state' => HelpState::Trying, 'tried' => 0, 'all' => 0, 'ranked' => [], 'methods' => []],
            );

            return $plan->id;
        });
        if ($plan !== null) {
            FindWhatHelps::dispatch($plan);
        }
    }
}

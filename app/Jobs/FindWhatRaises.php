<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Forecast\Forecast;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Planning\Forecast\Raising;
use App\Queries\Plan\VariationWords;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Runs the shop with one thing otherwise, one after the other, and keeps with the forecast what raises a chance; given up when there is a newer plan. */
final class FindWhatRaises implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $uniqueFor = 600;

    public function __construct(private readonly int $forecast)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->forecast;
    }

    public function handle(Raising $raising, VariationWords $words): void
    {
        $forecast = Forecast::query()->with('builds')->find($this->forecast);
        if ($forecast === null || $forecast->helps_state !== HelpState::Trying) {
            return;
        }
        try {
            $helps = [];
            foreach ($raising->ranked($forecast, fn () => $this->goOn($forecast)) as [$variation, $chances]) {
                $line = $words->line($variation);
                $helps[] = ['words' => $line->words, 'kind' => $line->kind, 'change' => $line->change, 'chances' => $chances];
            }
            Forecast::query()->whereKey($this->forecast)->update(['helps' => json_encode($helps, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'helps_state' => HelpState::Done->value]);
        } catch (PlanOvertaken) {
            // Whoever looks next asks for the new one.
        }
    }

    public function failed(): void
    {
        Forecast::query()->whereKey($this->forecast)->update(['helps_state' => HelpState::Failed->value]);
    }

    /** @throws PlanOvertaken */
    private function goOn(Forecast $forecast): void
    {
        if (Plan::query()->where('id', '>', $forecast->plan_id)->exists()) {
            throw new PlanOvertaken;
        }
    }
}

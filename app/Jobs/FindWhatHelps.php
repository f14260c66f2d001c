<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanHelp;
use App\Queries\Plan\HelpLines;
use App\Queries\Route\OtherMethods;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Tries what would help a plan, by really planning again, and keeps it with the plan; given up when there is a newer one. */
final class FindWhatHelps implements ShouldQueue
{
    use Queueable;

    /** How often at the most it writes down how far it is. */
    private const STEPS = 25;

    public int $timeout = 300;

    public function __construct(private readonly int $plan)
    {
    }

    public function handle(HelpLines $lines, OtherMethods $methods): void
    {
        $help = PlanHelp::query()->where('plan_id', $this->plan)->first();
        if ($help === null || $help->state !== HelpState::Trying || $this->isOvertaken()) {
            return;
        }
        try {
            [$ways, $more] = [OtherMethods::MOST_TRIED, 0];
            $ranked = $lines->ranked(function (int $tried, int $all) use ($help, $ways, &$more): void {
                $more = $all;
                $this->progress($help, $tried, $all + $ways);
            });
            $found = $methods->ranked(fn (int $tried) => $this->progress($help, $more + $tried, $more + $ways));
            $help->update(['state' => HelpState::Done, 'ranked' => $ranked, 'methods' => $found]);
        } catch (PlanOvertaken) {
            // Whoever looks next asks for the new one.
        }
    }

    public function failed(): void
    {
        PlanHelp::query()->where('plan_id', $this->plan)->update(['state' => HelpState::Failed->value]);
    }

    /** @throws PlanOvertaken */
    private function progress(PlanHelp $help, int $tried, int $all): void
    {
        if ($tried === 0 || intdiv(self::STEPS * $tried, $all) > intdiv(self::STEPS * $help->tried, $all)) {
            if ($this->isOvertaken()) {
                throw new PlanOvertaken;
            }
            $help->update(['tried' => $tried, 'all' => $all]);
        }
    }

    private function isOvertaken(): bool
    {
        return Plan::query()->where('id', '>', $this->plan)->exists();
    }
}

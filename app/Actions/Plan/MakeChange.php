<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\KeepsThePlan;
use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Planning\Plan\Planner;
use App\Planning\Plan\Standings;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Minutes;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;

/** Fixes something about the plan and plans anew, or takes the last of it back. */
final readonly class MakeChange
{
    public function __construct(
        private Changes $changes,
        private Planner $planner,
        private Standings $standings,
        private Logbook $logbook,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $bodies  all of them or none
     * @return string what was done, in words
     */
    public function make(Person $by, array $bodies): string
    {
        return DB::transaction(function () use ($by, $bodies): string {
            $before = $this->standings->read()->announcedSoon(Minutes::of($this->clock->now()));
            $lines = [];
            $moves = false;
            foreach ($bodies as $body) {
                $change = $this->changes->of($body);
                $words = $change->words();
                $moves = $moves || ! $change instanceof KeepsThePlan || ! $change->isAsPlanned();
                $back = $change->make();
                PlanChange::query()->create(
                    [
                        'body' => $body, 'back' => $back, 'announced' => $before, 'words' => $words,
                        'person_id' => $by->id,
                        'at' => $this->clock->now(),
                    ],
                );
                $this->logbook->write($change->build(), $by, 'plan', $words);
                $lines[] = $words;
            }
            $moves ? $this->planner->replan(implode(' ', $lines)) : $this->planner->keep(implode(' ', $lines));

            return implode(' ', $lines);
        });
    }

    /** Only the last that still counts: what came after it may build on it. */
    public function undo(Person $by, PlanChange $change): string
    {
        return DB::transaction(function () use ($by, $change): string {
            $change->refresh();
            $last = PlanChange::query()->whereNull('undone_at')->latest('id')->first();
            if ($last?->id !== $change->id || $change->back === null) {
                throw Refused::because(
                    $change->back === null
                        ? 'That cannot be taken back here; it is a build by now.'
                        : 'Something else was settled since; that is taken back first.',
                );
            }
            $back = $this->changes->of($change->back);
            $back->make();
            $change->update(['undone_at' => $this->clock->now()]);
            $words = "Taken back: {$change->words}";
            $this->logbook->write($back->build(), $by, 'plan', $words);
            // As if it had never been fixed: near today, too.
            $this->planner->replan($words, $change->announced);

            return $words;
        });
    }
}

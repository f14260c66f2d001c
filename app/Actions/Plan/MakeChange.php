<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\KeepsThePlan;
use App\Actions\Plan\Changes\Meanwhile;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Planning\Plan\Standings;
use App\Support\Clock;
use App\Support\Refused;

/** Fixes something about the plan and plans again, or takes the last of it back. */
final readonly class MakeChange
{
    public function __construct(
        private Recording $recording,
        private Changes $changes,
        private LastChange $lastChange,
        private Standings $standings,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<Change>  $changes  all of them or none
     * @param  int|null  $seen  the last change that the page knew of where they were asked for
     * @return string what was done, in words
     */
    public function make(Person $by, array $changes, ?int $seen = null): string
    {
        return $this->recording->keep(function () use ($by, $changes, $seen): string {
            Meanwhile::refuse($changes, $seen);
            $before = $this->standings->read()->announced;
            $lines = [];
            $moves = false;
            foreach ($changes as $change) {
                $words = $change->words();
                $moves = $moves || ! $change instanceof KeepsThePlan || ! $change->isAsPlanned();
                $back = $change->make($by);
                PlanChange::query()->create(
                    [
                        'body' => $change->body(), 'back' => $back?->body(), 'announced' => $before, 'words' => $words,
                        'person_id' => $by->id,
                        'at' => $this->clock->now(),
                    ],
                );
                $this->recording->log($change->build(), $by, $change->entry(), $words);
                $lines[] = $words;
            }
            $moves
                ? $this->recording->planAnew(implode(' ', $lines))
                : $this->recording->planStays(implode(' ', $lines));

            return implode(' ', $lines);
        });
    }

    /** Only the last that still counts: what came after it may build on it, unless the shop has left that behind. */
    public function undo(Person $by, PlanChange $change): string
    {
        return $this->recording->keep(function () use ($by, $change): string {
            if ($change->getAttribute('undone_at') !== null) {
                throw Refused::because('That was undone already.');
            }
            $lapsed = $this->lastChange->lapsed($change);
            if ($lapsed !== null) {
                throw Refused::because("That cannot be undone any more. {$lapsed}");
            }
            if ($this->lastChange->find()?->id !== $change->id) {
                throw Refused::because('Something else was changed since; undo that first.');
            }
            $back = $this->changes->of((array) $change->back);
            $back->make($by);
            $change->update(['undone_at' => $this->clock->now()]);
            $words = "Undone: {$change->words}";
            $this->recording->log($back->build(), $by, 'plan', $words);
            // As if it had never been fixed: near today, too.
            $this->recording->planAnew($words, $change);

            return $words;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Gate\GateDesk;
use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Planning\Problem\Air;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Refused;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Route\Edits\SendOut;
use Regimen\Route\OperationState;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\NoWorkingTime;

/**
 * The labour of an operation is done: its hold is under way, or, without one, it is over. The last one finishes the
 * build.
 */
final readonly class FinishLabour
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Air $air,
        private Readiness $readiness,
        private GateDesk $desk,
        private Finishing $finishing,
        private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, Operation $operation, int $version): void
    {
        $this->recording->keep(function () use ($by, $operation, $version): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            if ($operation->way === SendOut::WAY) {
                throw Refused::because("“{$operation->name}” is done elsewhere: say under Stores that it is sent.", 'finish');
            }
            $this->readiness->mustBeReady($operation, 'finish');
            $this->clocksMustBeStopped($operation);
            $this->desk->mustBeClosed($operation);
            $now = $this->clock->now();
            $runs = $operation->alone_minutes > 0 ? $this->runsUntil($operation->person ?? $by, $operation->alone_minutes) : null;
            $until = $operation->hold_minutes > 0
                ? ($runs ?? $now)->addMinutes($this->air->stretched($operation->hold_minutes, $operation->hold_kind))
                : $runs;
            $operation->update([
                'state' => $until === null ? OperationState::Done : OperationState::Holding,
                'started_at' => $operation->started_at ?? $now,
                'person_id' => $operation->person_id ?? $by->id,
                'labour_done_at' => $now,
                'hold_until' => $until,
                'runs_until' => $runs,
                'version' => $operation->version + 1,
            ]);
            $this->recording->log($operation->build, $by, 'done', $until === null
                ? "Done: {$operation->name}."
                : "Done: {$operation->name}; "
                    .($runs === null ? '' : 'the machine runs until '.Say::moment($runs, $this->house->zone()).'; ')
                    .($operation->hold_minutes > 0 ? 'holds until '.Say::moment($until, $this->house->zone()) : 'then it is done').'.');
            $this->finishing->ifLast($operation->build, $by);
            $this->recording->planAnew("{$operation->build->number} {$operation->name} done");
        });
    }

    /** A machine runs by itself while whoever set it going is in the shop. */
    private function runsUntil(Person $person, int $minutes): CarbonImmutable
    {
        $now = Minutes::of($this->clock->now());

        try {
            return Minutes::toInstant(Calendar::from($this->house->hoursOf($person), $now)->finish($now, $minutes));
        } catch (NoWorkingTime) {
            // Somebody without hours of their own is there now.
            return Minutes::toInstant($now + $minutes);
        }
    }

    private function clocksMustBeStopped(Operation $operation): void
    {
        $running = TimeEntry::query()
            ->where('operation_id', $operation->id)
            ->whereNull('minutes')
            ->whereNull('struck_at')
            ->with('person')
            ->first();
        if ($running !== null) {
            throw Refused::because(
                "{$running->person->name}’s clock still runs on “{$operation->name}”. Stop it first, so that the hours "
                    .'are recorded.',
                'finish',
            );
        }
    }
}

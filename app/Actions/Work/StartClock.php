<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Bench\Interruptions;
use App\Actions\Bench\TickOff;
use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Route\OperationState;

/** Starts a person's clock on an operation, which begins it if nobody has. One running clock a person. */
final readonly class StartClock
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Readiness $readiness,
        private Interruptions $interruptions,
        private Clock $clock,
    ) {
    }

    /** @param  int|null  $version  of the operation as it was seen */
    public function __invoke(Person $person, Operation $operation, ?int $version = null): void
    {
        $this->recording->keep(function () use ($person, $operation, $version): void {
            Refused::ifStale($operation->version, $version ?? $operation->version, "“{$operation->name}”");
            $running = TimeEntry::query()
                ->where('person_id', $person->id)
                ->whereNull('minutes')
                ->whereNull('struck_at')
                ->with('operation.build')
                ->first();
            if ($running !== null) {
                throw Refused::because(
                    "{$person->name}’s clock already runs on {$running->operation->build->number} "
                        ."{$running->operation->name}. Stop it first.",
                    'clock',
                );
            }
            $this->readiness->mustBeReady($operation, 'clock');
            $this->interruptions->end($person);
            $now = $this->clock->now();
            $begins = $operation->state === OperationState::Open;
            if ($begins) {
                TickOff::mustBeLookedAt($operation);
                $operation->update(
                    [
                        'state' => OperationState::Started, 'started_at' => $now, 'person_id' => $person->id,
                        'version' => $operation->version + 1,
                    ],
                );
            }
            TimeEntry::query()->create([
                'operation_id' => $operation->id,
                'person_id' => $person->id,
                'worked_on' => $this->clock->today($this->house->zone()),
                'started_at' => $now,
                'rate_minor' => $person->rate_minor ?? $this->house->shop()->labour_rate_minor,
                'source' => 'clock',
            ]);
            $this->recording->log(
                $operation->build, $person, 'clock', ($begins ? 'Began' : 'Went on with')." {$operation->name}.",
            );
            $this->recording->planAnew("clock started on {$operation->build->number} {$operation->name}");
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Actions\Work\FinishLabour;
use App\Actions\Work\StopClock;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\Specification\AsMade;
use App\Support\Refused;

/** Done at the bench: one's own clock on it stops, and it is done; where it ends with readings, they come first. */
final readonly class DoneHere
{
    public function __construct(private Recording $recording, private StopClock $stopClock, private FinishLabour $finish, private AsMade $asMade)
    {
    }

    /** @return bool false where its readings are to be taken first; nothing has changed then */
    public function __invoke(Person $by, Operation $operation, int $version): bool
    {
        return $this->recording->keep(function () use ($by, $operation, $version): bool {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            if ($operation->gate_closed_at === null && $this->asMade->targets($operation) !== []) {
                return false;
            }
            $this->stopOwnClock($by, $operation);
            ($this->finish)($by, $operation->refresh(), $operation->version);

            return true;
        });
    }

    /** Inside of another action. */
    public function stopOwnClock(Person $by, Operation $operation): void
    {
        $running = Interruptions::running($by);
        if ($running !== null && $running->operation_id === $operation->id) {
            ($this->stopClock)($by, $running->id, null);
        }
    }
}

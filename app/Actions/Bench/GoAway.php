<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Actions\Work\StopClock;
use App\Models\Bench\AwayReason;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Units\Duration;

/** Somebody is called away: their clock stops, and what they lose belongs to the day. */
final readonly class GoAway
{
    public function __construct(private Recording $recording, private StopClock $stopClock, private Interruptions $interruptions)
    {
    }

    public function __invoke(Person $by, AwayReason $reason, string $note, ?Duration $really = null): void
    {
        $this->recording->keep(function () use ($by, $reason, $note, $really): void {
            $running = Interruptions::running($by);
            if ($running === null) {
                throw Refused::because('Your clock stands still, so that nothing was interrupted.', 'away');
            }
            ($this->stopClock)($by, $running->id, $really);
            $this->interruptions->begin($by, $reason, $note);
            $this->recording->log(
                $running->operation->build, $by, 'note',
                "{$by->name} was called away from {$running->operation->name}: {$reason->words()}".($note === '' ? '' : ", {$note}").'.',
            );
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Gate\CloseGate;
use App\Actions\Gate\TakeReading;
use App\Actions\Setback\TellSetback;
use App\Actions\Setback\Told;
use App\Actions\Work\StartClock;
use App\Actions\Work\StopClock;
use App\Models\Bench\AwayReason;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Picture;
use App\Support\Refused;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/** Does what was pressed, by the same actions as with a network. */
final readonly class DoPress
{
    public function __construct(
        private StartClock $startClock, private StopClock $stopClock, private TellSetback $tellSetback, private GoAway $goAway, private DoneHere $doneHere, private WriteNote $writeNote,
        private TakeReading $takeReading, private CloseGate $closeGate, private TickOff $tickOff, private Photographs $photographs,
    ) {
    }

    /** @return string what was done, in words */
    public function __invoke(Person $by, Press $press): string
    {
        return match ($press->kind) {
            PressKind::Start => $this->start($by, $this->operation($press)),
            PressKind::Stop => $this->stop($by),
            PressKind::Away => $this->away($by, $press),
            PressKind::Done => $this->done($by, $this->operation($press)),
            PressKind::Wrong => $this->tell($by, $press),
            PressKind::Note => $this->note($by, $press),
            PressKind::Reading => $this->read($by, $press),
            PressKind::Close => $this->close($by, $this->operation($press)),
            PressKind::Tick => $this->tick($by, $press),
            PressKind::Photograph => $this->photograph($by, $press),
        };
    }

    private function operation(Press $press): Operation
    {
        return Operation::query()->with('build')->find($press->operation) ?? throw Refused::because('The operation is not on the route any more.');
    }

    private function start(Person $by, Operation $operation): string
    {
        ($this->startClock)($by, $operation);

        return "clock started on {$operation->name}";
    }

    private function stop(Person $by): string
    {
        $running = Interruptions::running($by) ?? throw Refused::because('The clock was stopped already.');
        ($this->stopClock)($by, $running->id, null);

        return "clock stopped on {$running->operation->name}";
    }

    private function away(Person $by, Press $press): string
    {
        $reason = AwayReason::tryFrom($press->said('reason')) ?? AwayReason::Other;
        ($this->goAway)($by, $reason, mb_substr($press->said('note'), 0, 200));

        return "called away: {$reason->words()}";
    }

    private function done(Person $by, Operation $operation): string
    {
        if (! ($this->doneHere)($by, $operation, $operation->version)) {
            throw Refused::because("“{$operation->name}” ends with readings. Take them and close its gate.");
        }

        return "done: {$operation->name}";
    }

    private function note(Person $by, Press $press): string
    {
        $text = mb_substr($press->said('text'), 0, 1000);
        if ($text === '') {
            throw Refused::because('Nothing was written.');
        }
        ($this->writeNote)($by, $this->operation($press), $text);

        return "noted: {$text}";
    }

    /** As it was pressed: the time is that of the press. */
    private function tell(Person $by, Press $press): string
    {
        $operation = $this->operation($press);
        $fret = (int) $press->said('fret');
        $at = isset($press->said['operation']) ? Operation::query()->find((int) $press->said('operation')) : $operation;
        $setback = ($this->tellSetback)($by, $operation->build, $at, new Told(
            Mishap::tryFrom($press->said('mishap')) ?? Mishap::Other, PieceKind::tryFrom($press->said('piece')), mb_substr($press->said('text'), 0, 1000),
            fret: $fret > 0 ? $fret : null,
        ), $press->photograph === null ? null : Picture::of($press->photograph, 'photograph'));

        return "wrong: {$setback->text}";
    }

    private function read(Person $by, Press $press): string
    {
        $reading = ($this->takeReading)(
            $by, $this->operation($press), $press->said('line'), $press->said('place'), $press->said('value'), $press->said('sure') === 'yes',
        );

        return 'read: '.ReadingText::shown($reading->value, $reading->unit);
    }

    private function close(Person $by, Operation $operation): string
    {
        ($this->closeGate)($by, $operation, $operation->version);

        return "gate closed: {$operation->name}";
    }

    private function tick(Person $by, Press $press): string
    {
        ($this->tickOff)($by, $this->operation($press), $press->said('list'), $press->said('item'), $press->said('ticked') !== 'no');

        return "looked at: {$press->said('item')}";
    }

    private function photograph(Person $by, Press $press): string
    {
        if ($press->photograph === null) {
            throw Refused::because('The photograph did not come along.');
        }
        $this->photographs->take($by, $this->operation($press), $press->photograph, mb_substr($press->said('caption'), 0, 200));

        return 'photograph kept';
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\BenchNote;
use App\Models\Bench\NoteKind;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;

/** A note at an operation, or that something is wrong with it: that stops one's own clock and asks the manager. */
final readonly class WriteNote
{
    public function __construct(private Recording $recording, private DoneHere $doneHere, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Operation $operation, NoteKind $kind, string $text): BenchNote
    {
        return $this->recording->keep(function () use ($by, $operation, $kind, $text): BenchNote {
            if ($kind === NoteKind::Wrong) {
                $this->doneHere->stopOwnClock($by, $operation);
            }
            $note = BenchNote::query()->create([
                'operation_id' => $operation->id, 'operation_key' => $operation->key, 'kind' => $kind, 'text' => $text,
                'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log(
                $operation->build, $by, $kind === NoteKind::Wrong ? 'setback' : 'note',
                ($kind === NoteKind::Wrong ? 'Something is wrong at ' : '')."{$operation->name}: {$text}",
            );

            return $note;
        });
    }

    public function settle(Person $by, BenchNote $note, string $words): void
    {
        $this->recording->keep(function () use ($by, $note, $words): void {
            if ($note->settled_at !== null) {
                throw Refused::because('That was settled already. Nothing was changed.');
            }
            $note->update(['settled_at' => $this->clock->now(), 'settled_words' => $words]);
            $this->recording->log($note->operation->build, $by, 'decision', "Settled at {$note->operation->name}: {$words}");
        });
    }
}

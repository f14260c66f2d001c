<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Actions\Recording;
use App\Models\Build\LogEntry;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;

/** An entry is never edited: a later one says what is right, and both stand. */
final readonly class CorrectEntry
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, LogEntry $entry, string $text): LogEntry
    {
        return $this->recording->keep(function () use ($by, $entry, $text): LogEntry {
            $last = LogEntry::query()->where('corrects_id', $entry->id)->orderByDesc('id')->first();
            if ($last !== null && $last->text === $text) {
                throw Refused::because('It was corrected so already. Nothing was changed.', 'text');
            }

            return LogEntry::query()->create([
                'build_id' => $entry->build_id, 'person_id' => $by->id, 'at' => $this->clock->now(),
                'kind' => 'correction', 'text' => $text, 'corrects_id' => $entry->id,
            ]);
        });
    }
}

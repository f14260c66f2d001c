<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\People\Person;

/** Writes down what happens. Entries are never edited; a later one corrects an earlier one. */
final readonly class Logbook
{
    public function __construct(private Clock $clock)
    {
    }

    public function write(?Build $build, ?Person $by, string $kind, string $text): void
    {
        LogEntry::query()->create([
            'build_id' => $build?->id,
            'person_id' => $by?->id,
            'at' => $this->clock->now(),
            'kind' => $kind,
            'text' => $text,
        ]);
    }
}

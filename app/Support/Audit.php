<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Account\AuditEntry;
use App\Models\People\Person;

/** Writes down sign-ins, changes of rights and what is done with all data. The database refuses to change it. */
final readonly class Audit
{
    public function __construct(private Clock $clock)
    {
    }

    /** @param  Person|null  $by  nobody who is known, or the shop itself */
    public function write(string $kind, string $words, ?Person $by): void
    {
        AuditEntry::query()->create([
            'at' => $this->clock->now(), 'person_id' => $by?->id, 'kind' => $kind, 'words' => mb_substr($words, 0, 250),
            'place' => app()->runningInConsole() && ! app()->runningUnitTests() ? 'the machine itself' : (string) request()->ip(),
        ]);
    }
}

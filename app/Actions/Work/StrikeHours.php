<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;

/** Strikes out hours that were recorded by mistake: they stay readable and count no more. */
final readonly class StrikeHours
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, TimeEntry $entry, string $because): void
    {
        $this->recording->keep(function () use ($by, $entry, $because): void {
            if ($entry->struck_at !== null) {
                throw Refused::because('These hours have been struck out before.');
            }
            $entry->update(['struck_at' => $this->clock->now(), 'struck_because' => $because]);
            $build = $entry->operation->build;
            $this->recording->log(
                $build,
                $by,
                'correction',
                'Struck out '.Say::duration((int) $entry->minutes)
                    ." of {$entry->person->name} on {$entry->operation->name}: {$because}",
            );
            $this->recording->planAnew("hours struck out on {$build->number} {$entry->operation->name}");
        });
    }
}

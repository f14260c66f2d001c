<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\Plan\Planner;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** Strikes out hours that were recorded by mistake: they stay readable and count no more. */
final readonly class StrikeHours
{
    public function __construct(private Planner $planner, private Logbook $logbook, private Clock $clock)
    {
    }

    public function __invoke(Person $by, TimeEntry $entry, string $because): void
    {
        DB::transaction(function () use ($by, $entry, $because): void {
            if ($entry->struck_at !== null) {
                throw Refused::because('These hours have been struck out before.');
            }
            $entry->update(['struck_at' => $this->clock->now(), 'struck_because' => $because]);
            $build = $entry->operation->build;
            $this->logbook->write(
                $build,
                $by,
                'correction',
                'Struck out '.Say::duration((int) $entry->minutes)
                    ." of {$entry->person->name} on {$entry->operation->name}: {$because}",
            );
            $this->planner->replan("hours struck out on {$build->number} {$entry->operation->name}");
        });
    }
}

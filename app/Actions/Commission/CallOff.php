<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Support\Clock;
use App\Support\Refused;

/** A build is called off: it leaves the plan with a reason, and everything recorded of it stays readable. */
final readonly class CallOff
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $because): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because(
                    "{$build->name()} is not open any more; there is nothing to call off.", 'call_off_because',
                );
            }
            $running = TimeEntry::query()
                ->whereNull('minutes')
                ->whereNull('struck_at')
                ->whereRelation('operation', 'build_id', $build->id)
                ->with('person')
                ->first();
            if ($running !== null) {
                throw Refused::because(
                    "{$running->person->name}’s clock still runs on it. Stop it first, so that the hours are recorded.",
                    'call_off_because',
                );
            }
            $build->update(
                ['status' => BuildStatus::CalledOff, 'finished_at' => $this->clock->now(), 'version' => $version + 1],
            );
            $this->recording->log($build, $by, 'called-off', "Called off: {$because}");
            $this->recording->planAnew("{$build->name()} called off");
        });
    }
}

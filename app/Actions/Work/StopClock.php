<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Units\Duration;

/** Stops a person's running clock. A clock that was forgotten is stopped with the hours that were really worked. */
final readonly class StopClock
{
    /** A clock that runs longer has been forgotten: nobody works on one operation for so long without a break. */
    private const FORGOTTEN_AFTER_MINUTES = 720;

    public function __construct(
        private Recording $recording,
        private House $house,
        private HoursOfDay $hoursOfDay,
        private Clock $clock,
    ) {
    }

    /** @param  Duration|null  $really  what was worked, where the clock shows more */
    public function __invoke(Person $person, int $entry, ?Duration $really): void
    {
        $this->recording->keep(function () use ($person, $entry, $really): void {
            $clock = TimeEntry::query()->with('operation.build')->where('person_id', $person->id)->find($entry);
            if ($clock === null || $clock->minutes !== null || $clock->struck_at !== null) {
                throw Refused::because(
                    'This clock is not running any more: it was stopped before. Nothing was changed.',
                    'clock',
                );
            }
            $now = $this->clock->now();
            $minutes = $this->minutes($clock, $clock->elapsed($now), $really);
            $this->hoursOfDay->mustHold($person, $clock->worked_on, $minutes, 'minutes');
            $clock->update(['ended_at' => $now, 'minutes' => $minutes]);
            $this->recording->log(
                $clock->operation->build, $person, 'hours',
                Say::duration($minutes)." on {$clock->operation->name}, by the clock.",
            );
            $this->recording->planAnew("clock stopped on {$clock->operation->build->number} {$clock->operation->name}");
        });
    }

    private function minutes(TimeEntry $clock, int $shown, ?Duration $really): int
    {
        if ($really !== null && $really->minutes > $shown) {
            throw Refused::because(
                'The clock shows '.Say::duration($shown)
                    .'; more than that cannot have been worked since it was started.',
                'minutes',
            );
        }
        if ($really === null && $shown > self::FORGOTTEN_AFTER_MINUTES && $clock->started_at !== null) {
            $since = Say::moment($clock->started_at, $this->house->zone());
            throw Refused::because(
                "This clock has run since {$since}, ".Say::duration($shown)
                    .'. Write how much of it was really worked, for example 2:30.',
                'minutes',
            );
        }

        return $really->minutes ?? $shown;
    }
}

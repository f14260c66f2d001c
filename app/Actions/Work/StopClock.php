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
use Carbon\CarbonImmutable;
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

    /**
     * @param  Person  $by  whose clock it is; the manager for somebody who cannot sign in
     * @param  Duration|null  $really  what was worked, where the clock shows something else
     */
    public function __invoke(Person $by, int $entry, ?Duration $really): void
    {
        $this->recording->keep(function () use ($by, $entry, $really): void {
            $clock = TimeEntry::query()->with(['operation.build', 'person'])->find($entry);
            if ($clock === null || $clock->minutes !== null || $clock->struck_at !== null || ! $this->isTheirs($by, $clock)) {
                throw Refused::because(
                    'This clock is not running any more: it was stopped before. Nothing was changed.',
                    'clock',
                );
            }
            $now = $this->clock->now();
            $minutes = $this->minutes($clock, $now, $really);
            $this->hoursOfDay->mustHold($clock->person, $clock->worked_on, $minutes, 'minutes');
            $clock->update(['ended_at' => $now->max($clock->started_at ?? $now), 'minutes' => $minutes]);
            $this->recording->log(
                $clock->operation->build, $by, 'hours',
                Say::duration($minutes)." on {$clock->operation->name}, by the clock"
                    .($clock->person->is($by) ? '.' : " of {$clock->person->name}, who cannot stop it."),
            );
            $this->recording->planAnew("clock stopped on {$clock->operation->build->number} {$clock->operation->name}");
        });
    }

    private function isTheirs(Person $by, TimeEntry $clock): bool
    {
        return $clock->person->is($by) || ($by->isManager() && ! $clock->person->canSignIn());
    }

    private function minutes(TimeEntry $clock, CarbonImmutable $now, ?Duration $really): int
    {
        $shown = $clock->elapsed($now);
        $zone = $this->house->zone();
        $goneBack = $clock->started_at !== null && $now < $clock->started_at;
        if ($goneBack && $really === null) {
            throw Refused::because(
                'The computer’s clock has gone back: it shows '.Say::moment($now, $zone).', and this clock was started '
                    .Say::moment($clock->started_at, $zone).'. Set the computer’s clock right, or write what was really worked.',
                'minutes',
            );
        }
        if ($really !== null && ! $goneBack && $really->minutes > $shown) {
            throw Refused::because(
                'The clock shows '.Say::duration($shown)
                    .'; more than that cannot have been worked since it was started.',
                'minutes',
            );
        }
        if ($really === null && $shown > self::FORGOTTEN_AFTER_MINUTES && $clock->started_at !== null) {
            throw Refused::because(
                'This clock has run since '.Say::moment($clock->started_at, $zone).', '.Say::duration($shown)
                    .'. Write how much of it was really worked, for example 2:30.',
                'minutes',
            );
        }

        return $really->minutes ?? $shown;
    }
}

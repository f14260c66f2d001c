<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\TakingIn\TakeIn;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\ValidationException;

/** A day has 24 hours for everybody. */
final class HoursOfDay
{
    /** @throws ValidationException if the day would hold more than 24 hours of the person's work */
    public function mustHold(Person $person, string $day, int $minutes, string $field): void
    {
        $there = (int) TimeEntry::query()
            ->where('person_id', $person->id)
            ->where('worked_on', $day)
            ->whereNull('struck_at')
            ->where('source', '!=', TakeIn::SOURCE)
            ->sum('minutes');
        if ($there + $minutes > 1440) {
            throw Refused::because(
                'With the '.Say::duration($there)
                    ." recorded on that day, {$person->name} would have worked more than 24 hours. At most "
                    .Say::duration(max(0, 1440 - $there)).' can be added.',
                $field,
            );
        }
    }
}

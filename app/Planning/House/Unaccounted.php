<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\Bench\AccountedDay;
use App\Models\Bench\Interruption;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Support\Clock;

/** What is missing of somebody's day: their working hours, less what was recorded on instruments and what the day took. */
final readonly class Unaccounted
{
    /** Less is not asked about. */
    private const LEAST_MINUTES = 15;

    /** A day that lies further back is not asked about any more. */
    private const DAYS_BACK = 5;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function minutes(Person $person, string $day): int
    {
        $there = array_sum(array_map(static fn (array $one): int => $one[1] - $one[0], $this->house->hoursOf($person)->on($day)));
        $worked = (int) TimeEntry::query()->where('person_id', $person->id)->where('worked_on', $day)->whereNull('struck_at')->sum('minutes');
        $away = (int) Interruption::query()->where('person_id', $person->id)->where('day', $day)->sum('minutes');

        return max(0, $there - $worked - $away);
    }

    private function hasRecords(Person $person, string $day): bool
    {
        return TimeEntry::query()->where('person_id', $person->id)->where('worked_on', $day)->whereNull('struck_at')->exists()
            || Interruption::query()->where('person_id', $person->id)->where('day', $day)->exists();
    }

    /** The latest day that is over, if something of it is missing and nobody has answered; null for none. */
    public function day(Person $person): ?string
    {
        $now = $this->clock->now()->setTimezone($this->house->zone());
        for ($back = 0; $back <= self::DAYS_BACK; $back++) {
            $day = $now->subDays($back)->toDateString();
            $hours = $this->house->hoursOf($person)->on($day);
            $isOver = $back > 0 || ($hours !== [] && $now->hour * 60 + $now->minute >= max(array_column($hours, 1)));
            if ($hours === [] || ! $isOver) {
                continue;
            }
            $answered = AccountedDay::query()->where('person_id', $person->id)->where('day', $day)->exists();

            // Where nothing at all was recorded nobody was there.
            return $answered || ($back > 0 && ! $this->hasRecords($person, $day)) || $this->minutes($person, $day) < self::LEAST_MINUTES ? null : $day;
        }

        return null;
    }
}

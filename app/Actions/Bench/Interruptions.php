<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Bench\AwayReason;
use App\Models\Bench\Interruption;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;

/** Time that somebody is called away: it begins when a clock is stopped with a reason, and ends with the next clock. */
final readonly class Interruptions
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function begin(Person $person, AwayReason $reason, string $note): void
    {
        $this->end($person);
        Interruption::query()->create([
            'person_id' => $person->id, 'day' => $this->clock->today($this->house->zone()), 'from' => $this->clock->now(),
            'reason' => $reason, 'note' => $note,
        ]);
    }

    /** Whoever is still away is back; what lies in another day's hours ends with that day, and its length is not known. */
    public function end(Person $person): void
    {
        $open = Interruption::query()->where('person_id', $person->id)->whereNull('until')->whereNotNull('from')->first();
        if ($open !== null && $open->from !== null) {
            $now = $this->clock->now();
            $sameDay = $open->day === $this->clock->today($this->house->zone());
            $open->update([
                'until' => $sameDay ? $now->max($open->from) : $open->from,
                'minutes' => $sameDay ? max(0, (int) round($open->from->diffInMinutes($now))) : 0,
            ]);
        }
    }

    /** The clock that somebody has running; null for none. */
    public static function running(Person $person): ?TimeEntry
    {
        return TimeEntry::query()->where('person_id', $person->id)->whereNull('minutes')->whereNull('struck_at')->with('operation.build')->first();
    }
}

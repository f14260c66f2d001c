<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Models\People\ClosedDay;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Planning\Plan\Planner;
use App\Support\Logbook;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** A day without work: for the whole shop, or for one person. */
final readonly class CloseDay
{
    public function __construct(private Planner $planner, private Logbook $logbook)
    {
    }

    public function close(Person $by, ?Person $person, string $date, string $note): void
    {
        DB::transaction(function () use ($by, $person, $date, $note): void {
            $who = $person->name ?? 'The shop';
            $days = $person === null ? ClosedDay::query() : $person->daysOff()->getQuery();
            if ((clone $days)->where('date', $date)->exists()) {
                throw Refused::because(Say::day($date).' is free already.', 'date');
            }
            $person === null
                ? ClosedDay::query()->create(['date' => $date, 'note' => $note])
                : DayOff::query()->create(['person_id' => $person->id, 'date' => $date, 'note' => $note]);
            $this->done($by, "{$who}: no work on ".Say::day($date).'.');
        });
    }

    public function reopen(Person $by, ClosedDay|DayOff $day): void
    {
        DB::transaction(function () use ($by, $day): void {
            $day->delete();
            $this->done($by, 'Work again on '.Say::day($day->date).'.');
        });
    }

    private function done(Person $by, string $text): void
    {
        $this->logbook->write(null, $by, 'house', $text);
        $this->planner->replan($text);
    }
}

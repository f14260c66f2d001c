<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Models\House\Chore;
use App\Models\People\AwayKind;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;

/** The shop's own recurring work, as small operations in the plan: the next time of each is a part of somebody's day. */
final readonly class Chores
{
    /** So far ahead a day is looked for on which its person works. */
    private const FARTHEST = 120;

    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    /** @param  array{name: string, person_id: int, every_days: int, minutes: int, due_on: string}  $said */
    public function add(Person $by, array $said): Chore
    {
        return $this->recording->keep(function () use ($by, $said): Chore {
            $chore = Chore::query()->create($said)->refresh();
            $this->place($chore);
            $this->recording->log(null, $by, 'house', "Comes again: {$chore->name}, every ".Say::count($chore->every_days, 'day').", by {$chore->person->name}.");
            $this->recording->planAnew("{$chore->name} comes again");

            return $chore;
        });
    }

    /** It is done; the next time is counted from today. */
    public function done(Person $by, Chore $chore, int $version): void
    {
        $this->recording->keep(function () use ($by, $chore, $version): void {
            $this->mustBeKept($chore, $version);
            $today = $this->today();
            $this->takeBack($chore, $today);
            $chore->update(['done_on' => $today, 'due_on' => (new \DateTimeImmutable($today))->modify("+{$chore->every_days} days")->format('Y-m-d'), 'version' => $chore->version + 1]);
            $this->place($chore);
            $this->recording->log(null, $by, 'house', "Done: {$chore->name}; again ".Say::day($chore->due_on).'.');
            $this->recording->planAnew("{$chore->name} done");
        });
    }

    public function end(Person $by, Chore $chore, int $version): void
    {
        $this->recording->keep(function () use ($by, $chore, $version): void {
            $this->mustBeKept($chore, $version);
            $this->takeBack($chore, $this->today());
            $chore->update(['ended_at' => $this->clock->now(), 'version' => $chore->version + 1]);
            $this->recording->log(null, $by, 'house', "Does not come again: {$chore->name}.");
            $this->recording->planAnew("{$chore->name} does not come again");
        });
    }

    /** What was not done on its day, or was taken out of the calendar, is planned for the next day. */
    public function carryOver(): int
    {
        return $this->recording->keep(function (): int {
            $late = Chore::query()->kept()->with(['person', 'planned'])->where(fn ($one) => $one->whereNull('day_off_id')->orWhereHas('planned', fn ($day) => $day->where('date', '<', $this->today())))->get();
            foreach ($late as $chore) {
                $this->place($chore);
            }
            $late->isEmpty() || $this->recording->planAnew('chores that were not done');

            return $late->count();
        });
    }

    /** At the beginning of the first day on which its person works, from the day it is due; today from now on. */
    private function place(Chore $chore): void
    {
        $person = $chore->person;
        $today = $this->today();
        $hours = $this->house->hoursOf($person);
        $day = new \DateTimeImmutable(max($chore->due_on, $today));
        for ($ahead = 0; $ahead < self::FARTHEST; $ahead++, $day = $day->modify('+1 day')) {
            $date = $day->format('Y-m-d');
            $from = $date === $today ? $this->minuteNow() : 0;
            foreach ($hours->on($date) as [$begins, $ends]) {
                $start = max($begins, $from);
                if ($start + $chore->minutes <= $ends) {
                    $planned = DayOff::query()->create(['person_id' => $person->id, 'date' => $date, 'from_minute' => $start, 'to_minute' => $start + $chore->minutes, 'kind' => AwayKind::Upkeep, 'note' => $chore->name]);
                    $chore->update(['day_off_id' => $planned->id]);

                    return;
                }
            }
        }
        throw Refused::because("{$person->name} has no free ".Say::duration($chore->minutes).' in the next '.self::FARTHEST.' days.', 'person');
    }

    /** What is planned for later is not kept; a day that is over stays as it was. */
    private function takeBack(Chore $chore, string $today): void
    {
        $planned = $chore->planned;
        if ($planned !== null && $planned->date >= $today) {
            $chore->update(['day_off_id' => null]);
            $planned->delete();
        }
    }

    private function mustBeKept(Chore $chore, int $version): void
    {
        Refused::ifStale($chore->version, $version, "“{$chore->name}”");
        if ($chore->ended_at !== null) {
            throw Refused::because("“{$chore->name}” does not come again. Nothing was changed.");
        }
    }

    private function minuteNow(): int
    {
        $now = $this->clock->now()->setTimezone($this->house->zone());

        return (int) (ceil((60 * $now->hour + $now->minute) / 5) * 5);
    }

    private function today(): string
    {
        return $this->clock->today($this->house->zone());
    }
}

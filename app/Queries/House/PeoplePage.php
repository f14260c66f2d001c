<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\Bench\BenchDevice;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Pages\Bench\TabletLine;
use App\Pages\Dict;
use App\Pages\House\PeopleProps;
use App\Pages\House\PersonLine;
use App\Pages\Plan\ClosedDayLine;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Support\Clock;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Time\HoursText;

final readonly class PeoplePage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): PeopleProps
    {
        $today = $this->clock->today($this->house->zone());
        $people = Person::query()->with(PersonHours::days())->orderByDesc('active')->orderBy('id')->get();

        return new PeopleProps(
            needsSecondFactor: (bool) $this->house->shop()->needs_second_factor,
            people: array_values($people->map(fn (Person $person): PersonLine => new PersonLine(
                id: $person->id,
                name: $person->name,
                email: $person->email,
                skills: $person->skills,
                active: $person->active,
                version: $person->version,
                role: $person->role->value,
                speeds: new Dict($person->speeds),
                signsIn: $person->password !== null && $person->email !== null,
                hasSecond: $person->code_secret !== null,
                rate: $person->rate_minor === null ? '' : $this->house->money($person->rate_minor)->plain(),
                ownHours: $person->hours !== null,
                hours: self::week($person->hours ?? $this->house->shop()->hours),
                minutesAWeek: $this->house->hoursOf($person)->minutesInAWeek(),
                daysOff: array_values($person->daysOff
                    ->filter(static fn (DayOff $day): bool => $day->date >= $today && $day->from_minute === null)
                    ->sortBy('date')
                    ->map(static fn (DayOff $day): ClosedDayLine => new ClosedDayLine(id: $day->id, date: $day->date, note: $day->note))
                    ->all()),
            ))->all()),
            skills: array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()),
            shopRate: $this->house->rate()->plain(),
            shopHours: self::week($this->house->shop()->hours),
            today: $today,
            tablets: array_values(BenchDevice::query()->whereNull('revoked_at')->orderBy('id')->get()->map(
                static fn (BenchDevice $one): TabletLine => new TabletLine(id: $one->id, name: $one->name, at: $one->at->toIso8601ZuluString()),
            )->all()),
            withCode: array_values($people->whereNotNull('bench_code')->pluck('id')->all()),
        );
    }

    /**
     * @param  array<int, list<array{int, int}>>  $week
     * @return array<int, string>
     */
    public static function week(array $week): array
    {
        $text = [];
        for ($day = 1; $day <= 7; $day++) {
            $text[$day] = HoursText::print($week[$day] ?? []);
        }

        return $text;
    }
}

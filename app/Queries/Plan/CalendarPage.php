<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\House\Resource;
use App\Models\People\AwayKind;
use App\Models\People\ClosedDay;
use App\Models\People\DayOff;
use App\Models\People\Overtime;
use App\Models\People\Person;
use App\Models\Plan\Outage;
use App\Pages\Plan\CalendarDay;
use App\Pages\Plan\CalendarPerson;
use App\Pages\Plan\CalendarProps;
use App\Pages\Plan\ClosedDayLine;
use App\Pages\Plan\DayMinutes;
use App\Pages\Plan\Removable;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\House\PeoplePage;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Schedule\Time\HoursText;

/** When the shop works and when not: hours, leave, longer days, errands, closed days, outages. */
final readonly class CalendarPage
{
    private const WEEKS = 6;

    public function __construct(private House $house, private Clock $clock, private ChangeForms $forms)
    {
    }

    public function data(): CalendarProps
    {
        $today = $this->clock->today($this->house->zone());
        $people = Person::query()
            ->where('active', true)
            ->with(PersonHours::days())
            ->orderBy('id')
            ->get()
            ->toBase();
        $off = $people->filter(
            static fn (Person $person): bool => $person->daysOff->contains(
                static fn (DayOff $one): bool => $one->date === $today && $one->from_minute === null
                    && $one->kind === AwayKind::Off,
            ),
        );

        return new CalendarProps(
            heading: $off->isEmpty()
                ? 'Nobody is off today'
                : $off->pluck('name')->join(', ', ' and ').($off->count() === 1 ? ' is off today' : ' are off today'),
            today: $today,
            days: $this->days($today),
            people: array_values($people->map(fn (Person $person): CalendarPerson => new CalendarPerson(
                id: $person->id,
                name: $person->name,
                week: PeoplePage::week($person->hours ?? $this->house->shop()->hours),
                minutes: $this->minutes($person, $today),
                away: $this->away($person, $today),
                longer: self::longer($person, $today),
            ))->all()),
            outages: array_values(Outage::query()->with('resource')->where(
                'to', '>', $this->clock->now(),
            )->orderBy('from')->get()->map(fn (Outage $one): Removable => new Removable(
                ids: [$one->id],
                table: 'outages',
                words: ucfirst($one->resource->name).': '.Say::moment($one->from, $this->house->zone()).' to '
                    .Say::moment($one->to, $this->house->zone()).($one->note === '' ? '' : ", {$one->note}"),
            ))->all()),
            open: $this->open(),
            closed: array_values(ClosedDay::query()
                ->where('date', '>=', $today)
                ->orderBy('date')
                ->get()
                ->map(static fn (ClosedDay $one): ClosedDayLine => new ClosedDayLine(
                    id: $one->id, date: $one->date, note: $one->note,
                ))
                ->all()),
            forms: $this->forms->of('away', 'longer', 'down'),
        );
    }

    /** @return list<Removable> */
    private static function longer(Person $person, string $today): array
    {
        $coming = $person->overtimes->filter(static fn (Overtime $one): bool => $one->to >= $today);

        return array_values($coming->map(static fn (Overtime $one): Removable => new Removable(
            ids: [$one->id],
            table: 'overtimes',
            words: Say::duration($one->minutes).' longer, '.Say::day($one->from).' to '.Say::day($one->to)
                .($one->note === '' ? '' : ": {$one->note}"),
        ))->all());
    }

    /** @return list<CalendarDay> */
    private function days(string $today): array
    {
        $monday = (new \DateTimeImmutable($today))->modify('monday this week');
        $closed = ClosedDay::query()->where('date', '>=', $monday->format('Y-m-d'))->pluck('note', 'date');

        return array_map(static function (int $ahead) use ($monday, $closed): CalendarDay {
            $date = $monday->modify("+{$ahead} days")->format('Y-m-d');

            return new CalendarDay(date: $date, closed: $closed->has($date) ? (string) $closed->get($date) : null);
        }, range(0, 7 * self::WEEKS - 1));
    }

    /** @return array<string, DayMinutes> the coming weeks, day by day */
    private function minutes(Person $person, string $today): array
    {
        $hours = $this->house->hoursOf($person);
        $usual = $person->hours ?? $this->house->shop()->hours;
        $sum = static fn (array $stretches): int => array_sum(
            array_map(static fn (array $one): int => $one[1] - $one[0], $stretches),
        );
        $minutes = [];
        foreach ($this->days($today) as $day) {
            $date = $day->date;
            $on = $hours->on($date);
            $minutes[$date] = new DayMinutes(
                minutes: $sum($on),
                usual: $sum($usual[(int) (new \DateTimeImmutable($date))->format('N')] ?? []),
                words: HoursText::print($on),
            );
        }

        return $minutes;
    }

    /** @return list<string> stations and fixtures with hours of their own, in words */
    private function open(): array
    {
        return array_values(Resource::query()->whereNotNull('hours')->orderBy('id')->get()->map(
            static fn (Resource $one): string => ucfirst($one->name).': '.implode('; ', array_map(
                static fn (int $day, array $hours): string => date('l', (int) strtotime("Sunday +{$day} days")).' '
                    .HoursText::print($hours),
                array_keys($one->hours ?? []),
                $one->hours ?? [],
            )).($one->every_second_from === null
                ? ''
                : ', every second week from '.Say::day($one->every_second_from)),
        )->all());
    }

    /** @return list<Removable> days in a row of the same kind as one line */
    private function away(Person $person, string $today): array
    {
        $runs = [];
        foreach ($person->daysOff->filter(
            static fn (DayOff $one): bool => $one->date >= $today,
        )->sortBy('date') as $one) {
            $key = "{$one->kind->value} {$one->from_minute} {$one->to_minute} {$one->note}";
            $last = array_key_last($runs);
            if (
                $last !== null
                && $runs[$last]['key'] === $key
                && Say::day(
                    (new \DateTimeImmutable($runs[$last]['to']))->modify('+1 day')->format('Y-m-d'),
                ) === Say::day($one->date)
            ) {
                $runs[$last]['to'] = $one->date;
                $runs[$last]['ids'][] = $one->id;
            } else {
                $runs[] = ['key' => $key, 'from' => $one->date, 'to' => $one->date, 'ids' => [$one->id], 'one' => $one];
            }
        }

        return array_map(static function (array $run): Removable {
            $one = $run['one'];
            $part = $one->from_minute === null
                ? ''
                : ', '.HoursText::print([[$one->from_minute, (int) $one->to_minute]]);

            return new Removable(
                ids: $run['ids'],
                table: 'days_off',
                words: Say::day($run['from']).($run['from'] === $run['to'] ? '' : ' to '.Say::day($run['to'])).$part
                    .": {$one->kind->words()}".($one->note === '' ? '' : ", {$one->note}"),
            );
        }, $runs);
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Pages\Today\WeekAway;
use App\Pages\Today\WeekDay;
use App\Pages\Today\WeekItem;
use App\Pages\Today\WeekPerson;
use App\Pages\Today\WeekProps;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\Build\OpenBuilds;
use App\Queries\Plan\Placement;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;

/** A week by person: what each does on each day, to be read on the screen or taken to the bench on paper. */
final readonly class WeekPage
{
    private const WEEKS_AHEAD = 26;

    public function __construct(
        private OpenBuilds $builds,
        private House $house,
        private Clock $clock,
        private DayParts $parts,
    ) {
    }

    public function data(string $wanted): WeekProps
    {
        $today = $this->clock->today($this->house->zone());
        $monday = $this->monday($wanted, $today);
        $days = array_map(
            static fn (int $ahead): string => $monday->modify("+{$ahead} days")->format('Y-m-d'),
            range(0, 6),
        );
        $people = Person::query()
            ->where('active', true)
            ->with(PersonHours::days())
            ->orderBy('id')
            ->get()
            ->toBase();
        $shown = array_values(
            array_filter(
                $days,
                fn (string $day): bool => $people->contains(
                    fn (Person $person): bool => $this->house->hoursOf($person)->on($day) !== [],
                ),
            ),
        );

        return new WeekProps(
            heading: 'The week from '.Say::day($monday->format('Y-m-d')),
            days: $shown === [] ? array_slice($days, 0, 5) : $shown,
            today: $today,
            before: $monday->modify('-7 days')->format('Y-m-d'),
            after: $monday->modify('+7 days')->format('Y-m-d'),
            people: array_values($people
                ->map(
                    fn (Person $person): WeekPerson => new WeekPerson(
                        id: $person->id,
                        name: $person->name,
                        days: array_combine(
                            $days,
                            array_map(fn (string $day): WeekDay => $this->day($person, $day), $days),
                        ),
                    ),
                )
                ->all()),
        );
    }

    /** The Monday of the week that was asked for, or of this one. */
    private function monday(string $wanted, string $today): \DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $wanted);
        $base = new \DateTimeImmutable($today);
        $far = $day === false || $day->format('Y-m-d') !== $wanted
            || abs((int) $base->diff($day)->format('%r%a')) > 7 * self::WEEKS_AHEAD;

        return ($far ? $base : $day)->modify('monday this week');
    }

    private function day(Person $person, string $day): WeekDay
    {
        $hours = $this->house->hoursOf($person)->on($day);

        return new WeekDay(
            hours: $hours,
            away: array_values($person->daysOff->where('date', $day)->map(static fn (DayOff $one): WeekAway => new WeekAway(
                words: trim($one->kind->words().($one->note === '' ? '' : ": {$one->note}")),
                part: $one->from_minute === null ? '' : sprintf(
                    '%d:%02d–%d:%02d', intdiv($one->from_minute, 60), $one->from_minute % 60,
                    intdiv((int) $one->to_minute, 60), (int) $one->to_minute % 60,
                ),
            ))->all()),
            items: $this->items($person, $day, $hours),
        );
    }

    /**
     * @param  list<array{int, int}>  $hours
     * @return list<WeekItem>
     */
    private function items(Person $person, string $day, array $hours): array
    {
        $midnight = Minutes::ofDay($day, $this->house->zone());
        $end = Minutes::endOfDay($day, $this->house->zone()) + 1;
        $items = [];
        foreach ($this->builds->placedFor($person->id) as $one) {
            if ($one->start >= $end || $one->workEnd <= $midnight) {
                continue;
            }
            foreach ($this->parts->inSittings($one->sittingsOf($person->id), $day, $hours) as $parts) {
                $until = $parts[count($parts) - 1][1];
                $items[] = new WeekItem(
                    id: $one->operation->id,
                    build: $one->operation->build->number,
                    name: $one->operation->name,
                    state: $one->operation->state,
                    from: Placement::iso($parts[0][0]),
                    to: Placement::iso($until),
                    goesOn: $one->workEnd > min($end, $until),
                    helps: $one->personId !== $person->id,
                    hold: $one->personId === $person->id && $one->operation->hold_minutes > 0 && $one->workEnd <= min($end, $until)
                        ? 'then '.Say::clockTime($one->operation->hold_minutes).' hold'
                        : null,
                    needs: $one->operation->planned?->shares_id === null ? null : 'set up already',
                );
            }
        }
        usort($items, static fn (WeekItem $a, WeekItem $b): int => $a->from <=> $b->from);

        return $items;
    }
}

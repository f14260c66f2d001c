<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\Build\Operation;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Pages\Today\AwayPart;
use App\Pages\Today\TodayItem;
use App\Pages\Today\TodayPerson;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\Build\OpenBuilds;
use App\Queries\Build\ReasonWords;
use App\Queries\House\ResourceNames;
use App\Queries\Plan\Placement;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Route\Operations\Operations;
use Regimen\Route\OperationState;

/** Who is there on a day, and what each of them does when. */
final class PeopleToday
{
    /** @var Collection<int, Person>|null */
    private ?Collection $everybody = null;

    public function __construct(
        private readonly OpenBuilds $builds,
        private readonly House $house,
        private readonly ResourceNames $resources,
    ) {
    }

    /** @return Collection<int, Person> */
    private function everybody(): Collection
    {
        return $this->everybody ??= Person::query()->where('active', true)->with(PersonHours::days())->orderBy('id')->get()->toBase();
    }

    /** @return list<TodayPerson> the viewer first */
    public function people(Person $viewer, string $day): array
    {
        $people = $this->everybody();
        $names = $people->pluck('name', 'id');

        return array_values($people
            ->sortBy(static fn (Person $person): int => $person->id === $viewer->id ? 0 : 1)
            ->map(fn (Person $person): TodayPerson => $this->day($person, $day, $names))->all());
    }

    /** One of them alone. */
    public function of(Person $person, string $day): TodayPerson
    {
        return $this->day($person, $day, $this->everybody()->pluck('name', 'id'));
    }

    /** @param  Collection<int, string>  $names  of people, by id */
    private function day(Person $person, string $day, Collection $names): TodayPerson
    {
        $hours = $this->house->hoursOf($person)->on($day);
        $items = $this->items($person, $day, $names);

        return new TodayPerson(
            id: $person->id,
            name: $person->name,
            skills: $person->skills,
            hours: $hours,
            minutes: array_sum(array_map(static fn (array $stretch): int => $stretch[1] - $stretch[0], $hours)),
            plannedMinutes: $this->plannedMinutes($items, $hours),
            items: $items,
            away: self::away($person, $day),
        );
    }

    /** When the last of them goes home, in minutes after midnight; null on a day on which nobody works. */
    public function closing(string $day): ?int
    {
        $ends = $this->everybody()
            ->flatMap(fn (Person $person): array => array_column($this->house->hoursOf($person)->on($day), 1))
            ->all();

        return $ends === [] ? null : max($ends);
    }

    /**
     * @return list<AwayPart> blocks of their own: errands, teaching, a free
     *   afternoon
     */
    private static function away(Person $person, string $day): array
    {
        return array_values($person->daysOff->where('date', $day)->map(static fn (DayOff $one): AwayPart => new AwayPart(
            from: $one->from_minute,
            to: $one->to_minute,
            words: $one->kind->words().($one->note === '' ? '' : ": {$one->note}"),
        ))->all());
    }

    /**
     * @param  Collection<int, string>  $names  of people, by id
     * @return list<TodayItem>
     */
    private function items(Person $person, string $day, Collection $names): array
    {
        $zone = $this->house->zone();
        [$from, $to] = [Minutes::ofDay($day, $zone), Minutes::endOfDay($day, $zone) + 1];

        $items = [];
        foreach ($this->builds->placedFor($person->id) as $one) {
            foreach ($one->sittingsOf($person->id) as $sitting) {
                if ($sitting[0] < $to && $sitting[1] > $from) {
                    $items[] = [$sitting[0], $this->item($one, $sitting, $person, $from, $to, $names)];
                }
            }
        }
        usort($items, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($items, 1);
    }

    /**
     * @param  array{int, int}  $sitting
     * @param  Collection<int, string>  $names
     */
    private function item(
        Placement $one, array $sitting, Person $person, int $from, int $to, Collection $names,
    ): TodayItem {
        $operation = $one->operation;
        $helper = $one->helper();
        $helps = $helper !== null && $one->personId !== $person->id;

        return new TodayItem(
            operationId: $operation->id,
            build: $operation->build->number,
            name: $operation->name,
            state: $operation->state,
            from: Placement::iso(max($sitting[0], $from)),
            to: Placement::iso(min($sitting[1], $to)),
            goesOn: $one->workEnd > min($sitting[1], $to),
            gate: $helps ? null : Operations::gateAfter($operation->key)?->words,
            because: $helps ? null : $this->because($operation, $person),
            hold: $helps ? null : $this->holdWords($operation),
            helps: $helps ? $names->get((int) $one->personId) : null,
            helped: $helper === null || $helps || $helper[1] >= $to
                ? null
                : $names->get($helper[0]).' helps from '.Say::time($helper[1], $this->house->zone()),
            holdUntil: ! $helps && $operation->hold_minutes > 0 && $one->finish !== null ? Placement::iso($one->finish) : null,
        );
    }

    private function because(Operation $operation, Person $person): ?string
    {
        if ($operation->state !== OperationState::Open || $operation->planned === null) {
            return null;
        }

        return (
            new ReasonWords($this->builds->operations(), $this->resources->all(), $this->house->zone())
        )->of($operation->planned, $person->name);
    }

    private function holdWords(Operation $operation): ?string
    {
        if ($operation->hold_minutes === 0) {
            return null;
        }

        return Say::clockTime($operation->hold_minutes).(
            $operation->fixture === null ? '' : ', '.$this->resources->of($operation->fixture)
        );
    }

    /**
     * @param  list<TodayItem>  $items
     * @param  list<array{int, int}>  $hours
     */
    private function plannedMinutes(array $items, array $hours): int
    {
        $sum = 0;
        foreach ($items as $item) {
            $from = CarbonImmutable::parse($item->from)->setTimezone($this->house->zone());
            $to = CarbonImmutable::parse($item->to)->setTimezone($this->house->zone());
            foreach ($hours as [$open, $close]) {
                $sum += max(
                    0,
                    min($close, $to->hour * 60 + $to->minute) - max($open, $from->hour * 60 + $from->minute),
                );
            }
        }

        return $sum;
    }
}

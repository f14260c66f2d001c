<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Formats\Json\JsonObject;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\HoursText;
use Regimen\Schedule\Time\NoWorkingTime;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Units\InvalidQuantity;

/** The people of a workshop file. */
final readonly class WorkshopPeople
{
    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /**
     * @param  list<Worker>  $workers
     * @param  list<array{string, string}>  $people  ids and names, in the order of their numbers from 1
     */
    private function __construct(public array $workers, public array $people)
    {
    }

    public static function read(JsonObject $file, WorkshopTimes $times, int $now): self
    {
        $closed = $times->days($file, 'closed');
        $workers = $people = [];
        foreach ($file->objects('people') as $person) {
            $id = $person->only('id', 'name', 'skills', 'hours', 'off', 'away', 'longer', 'speeds')->text('id');
            if (in_array($id, array_column($people, 0), true)) {
                throw $person->wrong('id', "there are two people “{$id}”");
            }
            $person->has('skills') ?: throw $person->wrong('skills', '“skills” is missing; it is a list of texts');
            $people[] = [$id, $person->maybe('name') ?? $id];
            $hours = self::away(
                $person,
                WorkingHours::of(
                    self::week($person->object('hours')), [...$closed, ...$times->days($person, 'off')], $times->zone,
                ),
                $times,
            );
            try {
                $workers[] = new Worker(
                    count($people), $people[count($people) - 1][1], $person->texts('skills'),
                    Calendar::from($hours, $now, $people[count($people) - 1][1]), self::speeds($person),
                );
            } catch (NoWorkingTime) {
                // Nobody's hours are planned with; what only they can do is reported as unplanned.
            }
        }

        return new self($workers, $people);
    }

    /** The number of a person that is named somewhere. */
    public function number(JsonObject $object, string $key = 'person'): ?int
    {
        $id = $object->maybe($key);
        $index = $id === null ? null : array_search($id, array_column($this->people, 0), true);

        return match ($index) {
            null => null,
            false => throw $object->wrong($key, "there is nobody “{$id}” among the people"),
            default => $index + 1,
        };
    }

    /** @return array<int, list<array{int, int}>> */
    public static function week(JsonObject $hours): array
    {
        $hours->only(...self::DAYS);
        $week = [];
        foreach (self::DAYS as $index => $day) {
            try {
                $week[$index + 1] = HoursText::parse($hours->words($day) ?? '');
            } catch (InvalidQuantity $wrong) {
                throw $hours->wrong($day, rtrim($wrong->getMessage(), '.'));
            }
        }

        return $week;
    }

    /** Longer days, and parts of days on which somebody is away, each within one day. */
    private static function away(JsonObject $person, WorkingHours $hours, WorkshopTimes $times): WorkingHours
    {
        foreach ($person->objects('longer') as $longer) {
            $minutes = $longer->only('from', 'to', 'minutes')->whole('minutes', 0);
            foreach ($times->range($longer) as $day) {
                $hours = $hours->longer($day, $minutes);
            }
        }
        foreach ($person->objects('away') as $away) {
            [$from, $to] = $times->stretch($away->only('from', 'to', 'because'));
            $away->words('because');
            $begin = (new \DateTimeImmutable('@'.$from * 60))->setTimezone($times->zone);
            $end = (new \DateTimeImmutable('@'.$to * 60))->setTimezone($times->zone);
            if ($begin->format('Y-m-d') !== $end->format('Y-m-d')) {
                throw $away->wrong('to', 'a part of a day ends on the same day; whole days stand under “off”');
            }
            $minutes = static fn (\DateTimeImmutable $at): int => 60 * (int) $at->format('G') + (int) $at->format('i');
            $hours = $hours->away($begin->format('Y-m-d'), $minutes($begin), $minutes($end));
        }

        return $hours;
    }

    /** @return array<string, int> in percent, by skill */
    private static function speeds(JsonObject $person): array
    {
        $speeds = $person->maybeObject('speeds');
        if ($speeds === null) {
            return [];
        }
        $read = [];
        foreach ($speeds->only(...$speeds->keys())->keys() as $skill) {
            $read[$skill] = $speeds->whole($skill, 25, null, 400);
        }

        return $read;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Schedule\Calendar;
use Regimen\Schedule\HoursText;
use Regimen\Schedule\NoWorkingTime;
use Regimen\Schedule\Worker;
use Regimen\Schedule\WorkingHours;
use Regimen\Units\InvalidQuantity;

/** The people of a workshop file. */
final class WorkshopPeople
{
    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** @return array{list<Worker>, list<string>, array<string, string>} workers, ids in the order of their numbers, names by id */
    public static function read(JsonObject $file, \DateTimeZone $zone, int $now): array
    {
        $closed = $file->texts('closed');
        $workers = $ids = $names = [];
        foreach ($file->objects('people') as $person) {
            $id = $person->text('id');
            $ids[] = $id;
            $names[$id] = $person->maybe('name') ?? $id;
            $hours = self::away($person, WorkingHours::of(self::week($person->object('hours')), [...$closed, ...$person->texts('off')], $zone));
            $speeds = $person->maybeObject('speeds');
            $skills = $person->texts('skills');
            try {
                $workers[] = new Worker(count($ids), $names[$id], $skills, Calendar::from($hours, $now, $names[$id]), $speeds === null ? [] : self::speeds($speeds, $skills));
            } catch (NoWorkingTime) {
                // Nobody's hours are planned with; what only they can do is told as unplanned.
            }
        }

        return [$workers, $ids, $names];
    }

    /** @return array<int, list<array{int, int}>> */
    private static function week(JsonObject $hours): array
    {
        $week = [];
        foreach (self::DAYS as $index => $day) {
            try {
                $week[$index + 1] = HoursText::parse($hours->maybe($day) ?? '');
            } catch (InvalidQuantity $wrong) {
                throw $hours->wrong($day, rtrim($wrong->getMessage(), '.'));
            }
        }

        return $week;
    }

    /** Longer days, and parts of days on which somebody is away, each within one day. */
    private static function away(JsonObject $person, WorkingHours $hours): WorkingHours
    {
        foreach ($person->objects('longer') as $longer) {
            WorkshopFile::instant($longer, 'from', $hours->zone);
            $until = WorkshopFile::instant($longer, 'to', $hours->zone);
            for ($day = new \DateTimeImmutable($longer->text('from'), $hours->zone); intdiv($day->getTimestamp(), 60) <= $until; $day = $day->modify('+1 day')) {
                $hours = $hours->longer($day->format('Y-m-d'), $longer->whole('minutes', 1));
            }
        }
        foreach ($person->objects('away') as $away) {
            [$from, $to] = WorkshopFile::stretch($away, $hours->zone);
            $begin = (new \DateTimeImmutable('@'.$from * 60))->setTimezone($hours->zone);
            $end = (new \DateTimeImmutable('@'.$to * 60))->setTimezone($hours->zone);
            if ($begin->format('Y-m-d') !== $end->format('Y-m-d')) {
                throw $away->wrong('to', 'a part of a day ends on the same day; whole days stand under “off”');
            }
            $minutes = static fn (\DateTimeImmutable $at): int => 60 * (int) $at->format('G') + (int) $at->format('i');
            $hours = $hours->away($begin->format('Y-m-d'), $minutes($begin), $minutes($end));
        }

        return $hours;
    }

    /**
     * @param  list<string>  $skills
     * @return array<string, int>
     */
    private static function speeds(JsonObject $speeds, array $skills): array
    {
        $read = [];
        foreach ($skills as $skill) {
            $read[$skill] = min(400, $speeds->whole($skill, 25, 100));
        }

        return $read;
    }
}

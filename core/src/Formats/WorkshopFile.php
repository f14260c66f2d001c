<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Schedule\Activity;
use Regimen\Schedule\Calendar;
use Regimen\Schedule\Demand;
use Regimen\Schedule\Due;
use Regimen\Schedule\HoursText;
use Regimen\Schedule\ImpossibleProblem;
use Regimen\Schedule\NoWorkingTime;
use Regimen\Schedule\Predecessor;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Promise;
use Regimen\Schedule\Release;
use Regimen\Schedule\Worker;
use Regimen\Schedule\WorkingHours;
use Regimen\Units\InvalidQuantity;

/** A whole workshop to be planned, as JSON (docs/workshop.schema.json). Read whole or not at all. */
final class WorkshopFile
{
    public const FORMAT = 'regimen-workshop/1';

    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    private const LARGEST_BYTES = 20_000_000;

    /**
     * @param  array<string, string>  $names  of people and operations, by id
     * @param  list<string>  $people  ids, in the order of their numbers from 1
     */
    private function __construct(public readonly Problem $problem, public readonly \DateTimeZone $zone, public readonly array $names, public readonly array $people)
    {
    }

    /** @throws UnreadableFile naming the line and what would be right */
    public static function read(string $text): self
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw UnreadableFile::because('The file is larger than '.(self::LARGEST_BYTES / 1_000_000).' MB.');
        }
        [$value, $lines] = JsonText::read($text);
        $file = new JsonObject($value, '', $lines);
        if ($file->text('format') !== self::FORMAT) {
            throw $file->wrong('format', 'a workshop says "format": "'.self::FORMAT.'"');
        }
        $zone = self::zone($file);
        $now = self::instant($file, 'now', $zone);
        [$workers, $people, $names] = self::people($file, $zone, $now);
        $capacities = [];
        foreach (['stations', 'fixtures'] as $kind) {
            foreach ($file->objects($kind) as $resource) {
                $capacities[$resource->text('id')] = $resource->whole('capacity', 0, 1);
            }
        }
        $activities = $dues = [];
        foreach ($file->objects('builds') as $build) {
            $id = $build->text('id');
            if (isset($dues[$id])) {
                throw $build->wrong('id', "there are two builds “{$id}”");
            }
            $dues[$id] = self::due($build, $zone);
            foreach ($build->objects('operations') as $operation) {
                $names[$operation->text('id')] = $operation->maybe('name') ?? $operation->text('id');
                $activity = self::activity($operation, $id, $zone, $people, $capacities);
                if ($activity !== null && isset($activities[$activity->id])) {
                    throw $operation->wrong('id', "there are two operations “{$activity->id}”");
                }
                if ($activity !== null) {
                    $activities[$activity->id] = $activity;
                }
            }
        }
        try {
            return new self(new Problem($now, $activities, $workers, $capacities, $dues), $zone, $names, $people);
        } catch (ImpossibleProblem $impossible) {
            throw UnreadableFile::because($impossible->getMessage());
        }
    }

    private static function zone(JsonObject $file): \DateTimeZone
    {
        $name = $file->text('timezone');

        return in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true) ? new \DateTimeZone($name) : throw $file->wrong('timezone', "“{$name}” is no time zone such as Europe/Berlin");
    }

    private static function instant(JsonObject $object, string $key, \DateTimeZone $zone): int
    {
        $text = $object->text($key);
        $at = preg_match('/^\d{4}-\d{2}-\d{2}([ T]\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:\d{2})?)?$/', $text) === 1 ? date_create_immutable($text, $zone) : false;

        return $at === false ? throw $object->wrong($key, "“{$text}” is no time such as 2026-03-18T09:12") : intdiv($at->getTimestamp(), 60);
    }

    /** @return array{list<Worker>, list<string>, array<string, string>} */
    private static function people(JsonObject $file, \DateTimeZone $zone, int $now): array
    {
        $closed = $file->texts('closed');
        $workers = $ids = $names = [];
        foreach ($file->objects('people') as $person) {
            $week = [];
            $hours = $person->object('hours');
            foreach (self::DAYS as $index => $day) {
                try {
                    $week[$index + 1] = HoursText::parse($hours->maybe($day) ?? '');
                } catch (InvalidQuantity $wrong) {
                    throw $hours->wrong($day, rtrim($wrong->getMessage(), '.'));
                }
            }
            $id = $person->text('id');
            $ids[] = $id;
            $names[$id] = $person->maybe('name') ?? $id;
            try {
                $workers[] = new Worker(count($ids), $names[$id], $person->texts('skills'), Calendar::from(WorkingHours::of($week, [...$closed, ...$person->texts('off')], $zone), $now, $names[$id]));
            } catch (NoWorkingTime) {
                // Nobody's hours are planned with; what only they can do is told as unplanned.
            }
        }

        return [$workers, $ids, $names];
    }

    private static function due(JsonObject $build, \DateTimeZone $zone): Due
    {
        $promise = $build->maybeObject('promise');
        if ($promise === null) {
            return new Due(null, 1);
        }
        $kind = $promise->maybe('kind') ?? 'promised';
        $day = $promise->text('date');
        $end = preg_match('/^\d{4}-\d{2}-\d{2}$/', $day) === 1 ? date_create_immutable("{$day} 24:00", $zone) : false;

        return new Due(
            $end === false ? throw $promise->wrong('date', "“{$day}” is no day such as 2026-05-01") : intdiv($end->getTimestamp(), 60) - 1,
            0,
            Promise::tryFrom($kind) ?? throw $promise->wrong('kind', 'a promise is immovable, promised or wished'),
        );
    }

    /**
     * @param  list<string>  $people
     * @param  array<string, int>  $capacities
     */
    private static function activity(JsonObject $operation, string $build, \DateTimeZone $zone, array $people, array &$capacities): ?Activity
    {
        $demands = [];
        foreach ($operation->texts('pieces') as $piece) {
            $capacities["piece:{$build}:{$piece}"] = 1;
            $demands[] = new Demand("piece:{$build}:{$piece}", 1, true);
        }
        $station = $operation->maybe('station');
        $fixture = $operation->maybeObject('fixture');
        $demands = [...$demands, ...$station === null ? [] : [new Demand($station)], ...$fixture === null ? [] : [new Demand($fixture->text('id'), $fixture->whole('count', 1, 1), true)]];
        $predecessors = array_map(static fn (JsonObject $link): Predecessor => new Predecessor($link->text('id'), $link->whole('least', 0, 0), $link->maybe('because')), $operation->objects('after'));
        $earliest = $operation->maybe('earliest') === null ? null : new Release(self::instant($operation, 'earliest', $zone), $operation->maybe('because') ?? 'its earliest date');
        $person = $operation->maybe('person');
        $worker = $person === null ? null : array_search($person, $people, true);
        if ($worker === false) {
            throw $operation->wrong('person', "there is nobody “{$person}” among the people");
        }

        $activity = new Activity(
            $operation->text('id'), $build, $operation->whole('setUp', 0, 0) + $operation->whole('labour', 0), $operation->whole('hold', 0, 0), $operation->maybe('skill'), $predecessors, $demands,
            $earliest, $operation->flag('oneSitting'), $worker === null ? null : $worker + 1,
            $operation->maybe('startedAt') === null ? null : self::instant($operation, 'startedAt', $zone),
            $operation->maybe('holdUntil') === null ? null : self::instant($operation, 'holdUntil', $zone),
        );

        return $operation->flag('done') ? null : $activity;
    }
}

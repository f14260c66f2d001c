<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Schedule\Due;
use Regimen\Schedule\ImpossibleProblem;
use Regimen\Schedule\Outage;
use Regimen\Schedule\Priority;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Promise;
use Regimen\Schedule\Weights;

/** A whole workshop to be planned, as JSON (docs/workshop.schema.json). Read whole or not at all. */
final class WorkshopFile
{
    public const FORMAT = 'regimen-workshop/1';

    private const LARGEST_BYTES = 20_000_000;

    /**
     * @param  array<string, string>  $names  of people and operations, by id
     * @param  list<string>  $people  ids, in the order of their numbers from 1
     * @param  array<string, int>  $keys  in which order to plan, by activity
     */
    private function __construct(public readonly Problem $problem, public readonly \DateTimeZone $zone, public readonly array $names, public readonly array $people, public readonly array $keys)
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
        [$workers, $people, $names] = WorkshopPeople::read($file, $zone, $now);
        [$capacities, $outages] = self::resources($file, $zone);
        $operations = new WorkshopOperations($zone, $people, $capacities);
        $dues = [];
        foreach ($file->objects('builds') as $build) {
            $id = $build->text('id');
            if (isset($dues[$id])) {
                throw $build->wrong('id', "there are two builds “{$id}”");
            }
            $dues[$id] = self::due($build, $zone);
            $operations->read($build, $id);
        }
        try {
            $problem = new Problem($now, $operations->activities, $workers, $operations->capacities, $dues, $outages, self::weights($file));

            return new self($problem, $zone, $names + $operations->names, $people, [...Priority::keys($problem), ...$operations->keys]);
        } catch (ImpossibleProblem $impossible) {
            throw UnreadableFile::because($impossible->getMessage());
        }
    }

    /** @return array{array<string, int>, list<Outage>} */
    private static function resources(JsonObject $file, \DateTimeZone $zone): array
    {
        $capacities = $outages = [];
        foreach (['stations', 'fixtures'] as $kind) {
            foreach ($file->objects($kind) as $resource) {
                $id = $resource->text('id');
                $capacities[$id] = $resource->whole('capacity', 0, 1);
                foreach ($resource->objects('down') as $down) {
                    [$from, $to] = self::stretch($down, $zone);
                    $outages[] = new Outage($id, $from, $to, $down->maybe('because') ?? 'it is down', $down->flag('climate'));
                }
            }
        }

        return [$capacities, $outages];
    }

    private static function weights(JsonObject $file): Weights
    {
        $usual = get_object_vars(new Weights);
        $given = $file->maybeObject('weights');

        return $given === null ? new Weights : new Weights(...array_map(static fn (string $name, int $value): int => $given->whole($name, 0, $value), array_keys($usual), $usual));
    }

    /** @return array{int, int} */
    public static function stretch(JsonObject $object, \DateTimeZone $zone): array
    {
        $from = self::instant($object, 'from', $zone);
        $to = self::instant($object, 'to', $zone);

        return $to > $from ? [$from, $to] : throw $object->wrong('to', 'it ends after it begins');
    }

    private static function zone(JsonObject $file): \DateTimeZone
    {
        $name = $file->text('timezone');

        return in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true) ? new \DateTimeZone($name) : throw $file->wrong('timezone', "“{$name}” is no time zone such as Europe/Berlin");
    }

    public static function instant(JsonObject $object, string $key, \DateTimeZone $zone): int
    {
        $text = $object->text($key);
        $at = preg_match('/^\d{4}-\d{2}-\d{2}([ T]\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:\d{2})?)?$/', $text) === 1 ? date_create_immutable($text, $zone) : false;

        return $at === false ? throw $object->wrong($key, "“{$text}” is no time such as 2026-03-18T09:12") : intdiv($at->getTimestamp(), 60);
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
}

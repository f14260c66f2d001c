<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Formats\Json\JsonObject;
use Regimen\Formats\Json\JsonText;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\ImpossibleProblem;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Promise;
use Regimen\Schedule\Problem\Weights;
use Regimen\Schedule\Search\InForce;
use Regimen\Units\UnreadableFile;

/** A whole workshop to be planned, as JSON (docs/workshop.schema.json). Read whole or not at all. */
final class WorkshopFile
{
    public const FORMAT = 'regimen-workshop/1';

    private const LARGEST_BYTES = 20_000_000;

    /**
     * @param  array<int|string, string>  $names  of operations, by activity
     * @param  list<array{string, string}>  $people  ids and names, in the order of their numbers from 1
     * @param  InForce|null  $inForce  the plan to begin with, where the file says in which order to plan
     */
    private function __construct(
        public readonly Problem $problem,
        public readonly \DateTimeZone $zone,
        public readonly array $names,
        public readonly array $people,
        public readonly ?InForce $inForce,
    ) {
    }

    /** @throws UnreadableFile naming line and place of what is wrong, and what would be right */
    public static function read(string $text): self
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw UnreadableFile::because('The file is larger than '.(self::LARGEST_BYTES / 1_000_000).' MB.');
        }
        [$value, $lines, $lists] = JsonText::read($text);
        $file = new JsonObject($value, '', $lines, $lists);
        if ($file->text('format') !== self::FORMAT) {
            throw $file->wrong('format', 'a workshop says "format": "'.self::FORMAT.'"');
        }
        $file->only('format', 'timezone', 'now', 'weights', 'closed', 'people', 'stations', 'fixtures', 'builds');
        foreach (['people', 'builds'] as $needed) {
            $file->has($needed) ?: throw $file->wrong($needed, "“{$needed}” is missing; it is a list");
        }
        $times = WorkshopTimes::of($file);
        $now = $times->instant($file, 'now');
        $people = WorkshopPeople::read($file, $times, $now);
        $resources = WorkshopResources::read($file, $times, $now);
        $operations = new WorkshopOperations($times, $people, $resources);
        $dues = [];
        foreach ($file->objects('builds') as $build) {
            $id = WorkshopIds::build($build->only('id', 'promise', 'operations')->text('id'));
            if (isset($dues[$id])) {
                throw $build->wrong('id', 'there are two builds of that id');
            }
            $build->has('operations') ?: throw $build->wrong('operations', '“operations” is missing; it is a list');
            $dues[$id] = self::due($build, $times);
            $operations->read($build, $id);
        }
        $operations->checkReferences();
        try {
            $problem = new Problem(
                $now, $operations->activities, $people->workers, $resources->capacities + $operations->pieces, $dues,
                $resources->outages, self::weights($file), $resources->hours,
            );

            return new self(
                $problem, $times->zone, $operations->names, $people->people,
                $operations->keys === [] ? null : new InForce(
                    [...Priority::keys($problem), ...$operations->keys], $operations->chosen, [], $operations->notBefore,
                ),
            );
        } catch (ImpossibleProblem $impossible) {
            throw $operations->circle($impossible);
        }
    }

    private static function weights(JsonObject $file): Weights
    {
        $usual = get_object_vars(new Weights);
        $given = $file->maybeObject('weights')?->only(...array_keys($usual));

        return $given === null ? new Weights : new Weights(
            ...array_map(
                static fn (string $name, int $value): int => $given->whole($name, 0, $value),
                array_keys($usual),
                $usual,
            ),
        );
    }

    private static function due(JsonObject $build, WorkshopTimes $times): Due
    {
        $promise = $build->maybeObject('promise')?->only('date', 'kind');
        if ($promise === null) {
            return new Due(null, 1);
        }
        $end = new \DateTimeImmutable($times->day($promise, 'date').' 24:00', $times->zone);

        return new Due(
            intdiv($end->getTimestamp(), 60) - 1,
            0,
            Promise::tryFrom($promise->maybe('kind') ?? 'promised')
                ?? throw $promise->wrong('kind', 'a promise is immovable, promised or wished'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Schedule\Activity;
use Regimen\Schedule\Demand;
use Regimen\Schedule\Frozen;
use Regimen\Schedule\Pin;
use Regimen\Schedule\Predecessor;
use Regimen\Schedule\Release;
use Regimen\Schedule\SetUp;
use Regimen\Schedule\Window;

/** The operations of a workshop file, as activities. */
final class WorkshopOperations
{
    private const DAY = 1_440;

    /** @var array<string, Activity> */
    public array $activities = [];

    /** @var array<string, string> */
    public array $names = [];

    /** @var array<string, int> in which order to plan, by activity, where the file says so */
    public array $keys = [];

    /**
     * @param  list<string>  $people
     * @param  array<string, int>  $capacities
     */
    public function __construct(private readonly \DateTimeZone $zone, private readonly array $people, public array $capacities)
    {
    }

    public function read(JsonObject $build, string $id): void
    {
        foreach ($build->objects('operations') as $operation) {
            $activity = $this->activity($operation, $id);
            $this->names[$activity->id] = $operation->maybe('name') ?? $activity->id;
            if ($operation->flag('done')) {
                continue;
            }
            if (isset($this->activities[$activity->id])) {
                throw $operation->wrong('id', "there are two operations “{$activity->id}”");
            }
            $this->activities[$activity->id] = $activity;
            if ($operation->maybe('order') !== null) {
                $this->keys[$activity->id] = $this->at($operation, 'order');
            }
        }
    }

    private function activity(JsonObject $operation, string $build): Activity
    {
        $links = $operation->objects('after');
        $setUp = $operation->whole('setUp', 0, 0);
        $key = $operation->maybe('setUpKey');

        return new Activity(
            $operation->text('id'),
            $build,
            $setUp + $operation->whole('labour', 0),
            $operation->whole('hold', 0, 0),
            $operation->maybe('skill'),
            array_map(static fn (JsonObject $link): Predecessor => new Predecessor($link->text('id'), $link->whole('least', 0, 0), $link->maybe('because')), $links),
            $this->demands($operation, $build),
            $operation->maybe('earliest') === null ? null : new Release($this->at($operation, 'earliest'), $operation->maybe('because') ?? 'its earliest date'),
            $operation->flag('oneSitting'),
            $this->person($operation),
            $operation->maybe('startedAt') === null ? null : $this->at($operation, 'startedAt'),
            $operation->maybe('holdUntil') === null ? null : $this->at($operation, 'holdUntil'),
            $key === null || $setUp === 0 ? null : new SetUp($key, $setUp),
            $this->windows($operation, $links),
            $this->pin($operation),
            $this->told($operation),
        );
    }

    /** @return list<Demand> */
    private function demands(JsonObject $operation, string $build): array
    {
        $demands = [];
        foreach ($operation->texts('pieces') as $piece) {
            $this->capacities["piece:{$build}:{$piece}"] = 1;
            $demands[] = new Demand("piece:{$build}:{$piece}", 1, true);
        }
        foreach ($operation->texts('needs') as $needed) {
            $demands[] = new Demand($needed);
        }
        $station = $operation->maybe('station');
        $fixture = $operation->maybeObject('fixture');

        return [...$demands, ...$station === null ? [] : [new Demand($station)], ...$fixture === null ? [] : [new Demand($fixture->text('id'), $fixture->whole('count', 1, 1), true)]];
    }

    /**
     * @param  list<JsonObject>  $links
     * @return list<Window>
     */
    private function windows(JsonObject $operation, array $links): array
    {
        $windows = [];
        foreach ($links as $link) {
            $most = $link->whole('most', 0, 0);
            if ($most > 0) {
                $windows[] = new Window($link->text('id'), $most, $link->whole('sanding', 0, 0));
            }
        }

        return $operation->maybe('closes') === null ? $windows : [...$windows, new Window(null, $this->at($operation, 'closes'), $operation->whole('sanding', 0, 0))];
    }

    private function pin(JsonObject $operation): ?Pin
    {
        $pin = $operation->maybeObject('pin');
        if ($pin === null) {
            return null;
        }
        $day = $pin->maybe('day') === null ? null : WorkshopFile::instant($pin, 'day', $this->zone);

        return new Pin($this->person($pin), $day, $day === null ? null : $day + self::DAY, $pin->maybe('after'));
    }

    private function told(JsonObject $operation): ?Frozen
    {
        $told = $operation->maybeObject('told');

        return $told === null ? null : new Frozen($this->person($told), $this->at($told, 'start'), ! $told->flag('inOrder'));
    }

    private function person(JsonObject $object): ?int
    {
        $person = $object->maybe('person');
        $worker = $person === null ? null : array_search($person, $this->people, true);

        return match ($worker) {
            null => null,
            false => throw $object->wrong('person', "there is nobody “{$person}” among the people"),
            default => $worker + 1,
        };
    }

    private function at(JsonObject $object, string $key): int
    {
        return WorkshopFile::instant($object, $key, $this->zone);
    }
}

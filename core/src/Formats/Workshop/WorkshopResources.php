<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Formats\Json\JsonObject;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\NoWorkingTime;
use Regimen\Schedule\Time\WorkingHours;

/** The stations and fixtures of a workshop file. */
final readonly class WorkshopResources
{
    /**
     * @param  array<string, int>  $capacities  by resource
     * @param  array<string, array<string, true>>  $known  by kind: stations, fixtures
     * @param  list<Outage>  $outages
     * @param  array<string, Calendar>  $hours  of those that have hours of their own
     */
    private function __construct(
        public array $capacities,
        private array $known,
        public array $outages,
        public array $hours,
    ) {
    }

    public static function read(JsonObject $file, WorkshopTimes $times, int $now): self
    {
        $capacities = $outages = $hours = [];
        $known = ['stations' => [], 'fixtures' => []];
        foreach (array_keys($known) as $kind) {
            foreach ($file->objects($kind) as $resource) {
                $id = WorkshopIds::resource($resource->only('id', 'capacity', 'down', 'hours', 'closed')->text('id'));
                if (isset($capacities[$id])) {
                    throw $resource->wrong('id', 'there are two stations or fixtures of that id');
                }
                $capacities[$id] = $resource->whole('capacity', 0, 1);
                $known[$kind][$id] = true;
                $own = $resource->maybeObject('hours');
                if ($own !== null) {
                    $hours[$id] = self::hours($resource, $own, $times, $now);
                }
                foreach ($resource->objects('down') as $down) {
                    [$from, $to] = $times->stretch($down->only('from', 'to', 'because', 'climate'));
                    $outages[] = new Outage(
                        $id, $from, $to, ($down->words('because') ?? '') ?: 'it is down', $down->flag('climate'),
                    );
                }
            }
        }

        return new self($capacities, $known, $outages, $hours);
    }

    private static function hours(JsonObject $resource, JsonObject $own, WorkshopTimes $times, int $now): Calendar
    {
        $closed = $times->days($resource, 'closed');
        try {
            return Calendar::from(WorkingHours::of(WorkshopPeople::week($own), $closed, $times->zone), $now);
        } catch (NoWorkingTime $never) {
            throw $resource->wrong('hours', 'at least one weekday has hours');
        }
    }

    public function station(JsonObject $object, string $key, string $id): string
    {
        return $this->known($object, $key, $id, 'stations');
    }

    public function fixture(JsonObject $object, string $key, string $id): string
    {
        return $this->known($object, $key, $id, 'fixtures');
    }

    private function known(JsonObject $object, string $key, string $id, string $kind): string
    {
        $resource = WorkshopIds::resource($id);

        return isset($this->known[$kind][$resource])
            ? $resource
            : throw $object->wrong($key, "there is no “{$id}” among the {$kind}");
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\Plan\Outage;
use App\Models\Plan\Pin;
use App\Planning\House\House;
use App\Queries\Build\OpenBuilds;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Regimen\Route\Operations\Operations;

/**
 * Every operation on the horizon as a short row, in minutes since the horizon begins: thousands of them travel to a
 * page.
 */
final readonly class HorizonItems
{
    public function __construct(private OpenBuilds $builds, private House $house)
    {
    }

    /** @return array<string, mixed> */
    public function data(CarbonImmutable $from, CarbonImmutable $to): array
    {
        [$begin, $end] = [Minutes::of($from), Minutes::of($to)];

        return [
            'items' => $this->items($begin, $end),
            'people' => Person::query()
                ->where('active', true)
                ->with(['daysOff', 'overtimes'])
                ->orderBy('id')
                ->get()
                ->map(
                    fn (Person $person): array => [
                        'id' => $person->id, 'name' => $person->name, 'off' => $this->off($person, $from, $to),
                    ],
                )
                ->all(),
            'resources' => Resource::query()
                ->where('capacity', '>', 0)
                ->orderBy('kind')
                ->orderBy('id')
                ->get()
                ->map(static fn (Resource $one): array => [...$one->only(['id', 'key', 'kind', 'name', 'capacity'])])
                ->all(),
            'outages' => Outage::query()
                ->with('resource')
                ->where('to', '>', $from)
                ->where('from', '<', $to)
                ->get()
                ->map(static fn (Outage $one): array => [
                    'key' => $one->resource->key, 'from' => Minutes::of($one->from) - $begin,
                    'to' => Minutes::of($one->to) - $begin, 'note' => $one->note,
                ])->all(),
        ];
    }

    /**
     * @return list<list<mixed>> id, build, name, start, work end, finish, person, station, fixture, state, operation of
     *   the reason, gate, pinned
     */
    private function items(int $begin, int $end): array
    {
        $pinned = Pin::query()->pluck('operation_id')->flip();
        $items = [];
        foreach ($this->builds->all() as $build) {
            foreach ($this->builds->placements($build) as $one) {
                if (
                    $one->start === null
                    || $one->workEnd === null
                    || $one->start > $end
                    || max((int) $one->finish, $one->workEnd) < $begin
                ) {
                    continue;
                }
                $operation = $one->operation;
                $items[] = [
                    $operation->id, $build->number, $operation->name, $one->start - $begin, $one->workEnd - $begin,
                    max((int) $one->finish, $one->workEnd) - $begin,
                    $one->personId, $operation->station, $operation->fixture, $operation->state->value,
                    $operation->planned?->reason_operation_id, Operations::gateAfter($operation->key)?->words !== null,
                    isset($pinned[$operation->id]),
                ];
            }
        }

        return $items;
    }

    /** @return list<array{int, int}> when they are not there, in minutes since the beginning */
    private function off(Person $person, CarbonImmutable $from, CarbonImmutable $to): array
    {
        $hours = $this->house->hoursOf($person);
        $off = [];
        $since = 0;
        for ($day = $from; $day < $to; $day = $day->addDay()) {
            foreach ($hours->on($day->format('Y-m-d')) as [$open, $close]) {
                $opens = Minutes::of($day->setTime(intdiv($open, 60), $open % 60)) - Minutes::of($from);
                if ($opens > $since) {
                    $off[] = [$since, $opens];
                }
                $since = Minutes::of($day->setTime(intdiv($close, 60), $close % 60)) - Minutes::of($from);
            }
        }

        return [...$off, [$since, Minutes::of($to) - Minutes::of($from)]];
    }
}

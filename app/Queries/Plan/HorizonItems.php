<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\Plan\Outage;
use App\Models\Plan\Pin;
use App\Pages\Horizon\Down;
use App\Pages\Horizon\OwnedResource;
use App\Pages\Horizon\PersonOff;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\Build\OpenBuilds;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Regimen\Route\Operations\Operations;
use Regimen\Route\OperationState;

/**
 * Every operation on the horizon as a short row, in minutes since the horizon begins: thousands of them travel to a
 * page.
 */
final readonly class HorizonItems
{
    public function __construct(private OpenBuilds $builds, private House $house)
    {
    }

    /** @return list<PersonOff> */
    public function people(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $people = Person::query()->where('active', true)->with(PersonHours::days())->orderBy('id')->get();

        $days = self::days($from, $to);

        return array_values($people->map(fn (Person $person): PersonOff => new PersonOff(
            id: $person->id, name: $person->name, off: $this->off($person, $days, Minutes::of($to) - Minutes::of($from)),
        ))->all());
    }

    /** @return list<OwnedResource> */
    public function resources(): array
    {
        $owned = Resource::query()->where('capacity', '>', 0)->orderBy('kind')->orderBy('id')->get();

        return array_values($owned->map(static fn (Resource $one): OwnedResource => new OwnedResource(
            id: $one->id, key: $one->key, kind: $one->kind, name: $one->name, capacity: $one->capacity,
        ))->all());
    }

    /** @return list<Down> */
    public function outages(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $begin = Minutes::of($from);
        $outages = Outage::query()->with('resource')->where('to', '>', $from)->where('from', '<', $to)->get();

        return array_values($outages->map(static fn (Outage $one): Down => new Down(
            key: $one->resource->key, from: Minutes::of($one->from) - $begin, to: Minutes::of($one->to) - $begin,
            note: $one->note,
        ))->all());
    }

    /**
     * @return list<array{int, int, string, int, int, int, int|null, string|null, string|null, OperationState, int|null, bool, bool, list<array{int, int}>, array{int, int}|null}> id, build, name, start, work end,
     *   finish, person, station, fixture, state, operation of the reason, gate, pinned, sittings, who helps since when; in minutes since the beginning
     */
    public function items(CarbonImmutable $from, CarbonImmutable $to): array
    {
        [$begin, $end] = [Minutes::of($from), Minutes::of($to)];
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
                    $one->personId, $operation->station, $operation->fixture, $operation->state,
                    $operation->planned?->reason_operation_id, Operations::gateAfter($operation->key)?->words !== null,
                    isset($pinned[$operation->id]),
                    array_map(
                        static fn (array $one): array => [$one[0] - $begin, $one[1] - $begin],
                        $one->sittings(),
                    ),
                    $one->helper() === null ? null : [$one->helper()[0], $one->helper()[1] - $begin],
                ];
            }
        }

        return $items;
    }

    /** @return array<string, \Closure(int): int> by day, from a minute of it to the minute since the beginning */
    private static function days(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $days = [];
        $begin = Minutes::of($from);
        for ($day = $from; $day < $to; $day = $next) {
            $next = $day->addDay();
            $midnight = Minutes::of($day) - $begin;
            // Where the clocks change a minute is not as far from midnight as it says.
            $days[$day->format('Y-m-d')] = Minutes::of($next) - Minutes::of($day) === 1440
                ? static fn (int $minute): int => $midnight + $minute
                : static fn (int $minute): int => Minutes::of($day->setTime(intdiv($minute, 60), $minute % 60)) - $begin;
        }

        return $days;
    }

    /**
     * @param  array<string, \Closure(int): int>  $days
     * @return list<array{int, int}> when they are not there, in minutes since the beginning
     */
    private function off(Person $person, array $days, int $end): array
    {
        $hours = $this->house->hoursOf($person);
        $off = [];
        $since = 0;
        foreach ($days as $date => $at) {
            foreach ($hours->on($date) as [$open, $close]) {
                if ($at($open) > $since) {
                    $off[] = [$since, $at($open)];
                }
                $since = $at($close);
            }
        }

        return [...$off, [$since, $end]];
    }
}

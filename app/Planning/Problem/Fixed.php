<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Build;
use App\Models\Plan\Pin as PinModel;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\Worker;

/**
 * What is fixed before anything is planned: pins, what was announced for the next hours, and builds that are put on hold.
 */
final class Fixed
{
    /** @var Collection<int, PinModel> by operation */
    private Collection $pins;

    /** @var Collection<int, PlanEntry> by operation, within the time that is not changed any more */
    private Collection $announced;

    /** @var array<int, Worker> */
    private array $workers = [];

    /** @param  list<Worker>  $workers */
    public function __construct(private readonly House $house, private readonly int $now, array $workers)
    {
        foreach ($workers as $worker) {
            $this->workers[$worker->id] = $worker;
        }
        $this->pins = PinModel::query()->get()->toBase()->keyBy('operation_id');
        $frozen = $house->weights()->frozenMinutes;
        $this->announced = $frozen === 0
            ? new Collection
            : PlanEntry::query()
                ->whereBetween('start', [Minutes::toInstant($now), Minutes::toInstant($now + $frozen)])
                ->get()
                ->toBase()
                ->keyBy('operation_id');
    }

    public function on(Activity $activity, Build $build): Activity
    {
        if ($activity->isUnderWay()) {
            return $activity;
        }
        $id = (int) ActivityId::operationOf($activity->id);
        $changes = array_filter(['pin' => $this->pin($id), 'announced' => $this->announced($id)]);
        $held = $this->held($activity, $build);
        $fixed = $changes === [] ? $activity : $activity->with($changes);

        return $held === null ? $fixed : $fixed->waitingFor([$held, ...$activity->releases()]);
    }

    private function pin(int $operation): ?Pin
    {
        $pin = $this->pins->get($operation);
        if ($pin === null) {
            return null;
        }
        $zone = $this->house->zone();

        return new Pin(
            $pin->person_id,
            $pin->day === null ? null : Minutes::ofDay($pin->day, $zone),
            $pin->day === null ? null : Minutes::endOfDay($pin->day, $zone) + 1,
            $pin->after_id === null ? null : ActivityId::operation($pin->after_id)->number,
        );
    }

    /** Nobody is told to work when they are not there: then it is planned again. */
    private function announced(int $operation): ?Announced
    {
        $entry = $this->announced->get($operation);
        if ($entry?->start === null) {
            return null;
        }
        $start = Minutes::of($entry->start);
        $calendar = $entry->person_id === null ? null : ($this->workers[$entry->person_id] ?? null)?->calendar;
        $isThere = $calendar !== null && $calendar->between($start, $start + 1) === 1;

        $end = $entry->work_end === null ? null : Minutes::of($entry->work_end);

        return $isThere ? new Announced($entry->person_id, $start, end: $end) : null;
    }

    private function held(Activity $activity, Build $build): ?Release
    {
        if ($build->held_until === null) {
            return null;
        }
        $until = Minutes::ofDay($build->held_until, $this->house->zone());
        $isLater = $until > max($this->now, $activity->release->instant ?? 0);

        return $isLater ? new Release(
            $until,
            'the build is on hold until '.Say::day($build->held_until)
                .($build->held_because === '' ? '' : ": {$build->held_because}"),
        ) : null;
    }
}

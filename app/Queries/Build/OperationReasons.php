<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanEntry;
use App\Pages\Horizon\PinShown;
use App\Pages\Horizon\WhyThen;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Queries\House\ResourceNames;

/** One operation on the horizon: who, when, why not sooner, and what it is pinned to. */
final readonly class OperationReasons
{
    public function __construct(private House $house, private ResourceNames $resources)
    {
    }

    public function of(Operation $operation): WhyThen
    {
        $operation->load(['build', 'planned', 'pin']);
        $entry = $operation->planned;
        $others = Operation::query()
            ->with(['build', 'planned'])
            ->whereIn(
                'id',
                array_filter([$entry?->reason_operation_id, $entry?->shares_id, $operation->pin?->after_id]),
            )
            ->get()
            ->toBase()
            ->keyBy('id');
        $person = $entry?->person_id === null ? null : Person::query()->find($entry->person_id);
        $shared = $entry?->shares_id === null ? null : $others->get($entry->shares_id);

        return new WhyThen(
            id: $operation->id,
            build: $operation->build->number,
            title: $operation->build->title,
            name: $operation->name,
            state: $operation->state,
            person: $person?->name,
            start: $entry?->start?->toIso8601ZuluString(),
            workEnd: $entry?->work_end?->toIso8601ZuluString(),
            finish: $entry?->finish?->toIso8601ZuluString(),
            because: $entry === null
                ? 'It is done.'
                : (new ReasonWords($others, $this->resources->all(), $this->house->zone()))->of($entry, $person?->name),
            more: array_values(array_filter([
                $shared === null
                    ? null
                    : "The set-up of No. {$shared->build->number} {$shared->name} still stands and is used again.",
                $entry === null || $entry->sanding_minutes === 0
                    ? null
                    : "A recoat window will have closed: {$entry->sanding_minutes} minutes of sanding are planned in.",
            ])),
            pin: $this->pin($operation->pin, $others),
            others: $this->others($operation),
        );
    }

    /**
     * @param  \Illuminate\Support\Collection<int, Operation>  $others
     */
    private function pin(?Pin $pin, \Illuminate\Support\Collection $others): ?PinShown
    {
        if ($pin === null) {
            return null;
        }
        $after = $others->get((int) $pin->after_id);

        return new PinShown(
            person: (string) $pin->person_id,
            day: (string) $pin->day,
            after: (string) $pin->after_id,
            words: $after === null ? '' : "{$after->build->number} {$after->name}",
        );
    }

    /**
     * @return list<Option> operations behind which it could be put: of the same person or
     *   station, near in time
     */
    private function others(Operation $operation): array
    {
        $entry = $operation->planned;
        if ($entry === null) {
            return [];
        }
        $near = PlanEntry::query()
            ->with('operation.build')
            ->where('operation_id', '!=', $operation->id)
            ->whereRelation('operation', 'state', 'open')
            ->where(
                static fn ($query) => $query->where('person_id', $entry->person_id)->orWhereRelation(
                    'operation', 'station', $operation->station ?? '-',
                ),
            )
            ->orderBy('start')->limit(60)->get();

        return array_values(
            $near->map(
                static fn (PlanEntry $one): Option => new Option(
                    value: (string) $one->operation_id,
                    words: "{$one->operation->build->number} {$one->operation->name}",
                ),
            )->all(),
        );
    }
}

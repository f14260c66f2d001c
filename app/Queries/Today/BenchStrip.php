<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Pages\Shop\Bench;
use App\Pages\Shop\HoldUnderWay;
use App\Pages\Shop\NextThing;
use App\Pages\Shop\RunningClock;
use App\Queries\House\ResourceNames;
use App\Support\Clock;
use Regimen\Route\OperationState;

/** The foot of every page: clocks that run, holds that count down, and the next thing to do. */
final readonly class BenchStrip
{
    public function __construct(private Clock $clock, private ResourceNames $resources)
    {
    }

    public function for(Person $person): Bench
    {
        return new Bench(clocks: $this->clocks($person), holds: $this->holds(), next: $this->next($person));
    }

    /** @return list<RunningClock> */
    private function clocks(Person $person): array
    {
        return array_values(TimeEntry::query()
            ->whereNull('minutes')->whereNull('struck_at')
            ->with(['person', 'operation.build'])
            ->get()
            ->sortByDesc(static fn (TimeEntry $entry): bool => $entry->person_id === $person->id)
            ->map(static fn (TimeEntry $entry): RunningClock => new RunningClock(
                id: $entry->id,
                person: $entry->person->name,
                mine: $entry->person_id === $person->id,
                build: $entry->operation->build->number,
                operation: $entry->operation->name,
                operationId: $entry->operation_id,
                since: (string) $entry->started_at?->toIso8601ZuluString(),
            ))->all());
    }

    /** @return list<HoldUnderWay> */
    private function holds(): array
    {
        return array_values(Operation::query()
            ->where('state', OperationState::Holding->value)->where('hold_until', '>', $this->clock->now())
            ->with('build')
            ->orderBy('hold_until')
            ->limit(4)
            ->get()
            ->map(fn (Operation $operation): HoldUnderWay => new HoldUnderWay(
                build: $operation->build->number,
                operation: $operation->name,
                fixture: $operation->fixture === null ? null : $this->resources->of($operation->fixture),
                until: (string) $operation->hold_until?->toIso8601ZuluString(),
            ))->all());
    }

    private function next(Person $person): ?NextThing
    {
        $entry = PlanEntry::query()
            ->where('plan_entries.person_id', $person->id)
            ->whereHas('operation', static fn ($operation) => $operation
                ->whereIn('state', [OperationState::Open->value, OperationState::Started->value])
                ->whereDoesntHave('timeEntries', static fn ($clock) => $clock->whereNull('minutes')))
            ->whereNotNull('start')
            ->with('operation.build')
            ->orderBy('start')
            ->first();

        return $entry === null ? null : new NextThing(
            build: $entry->operation->build->number,
            operation: $entry->operation->name,
            operationId: $entry->operation_id,
            version: $entry->operation->version,
            start: (string) $entry->start?->toIso8601ZuluString(),
        );
    }
}

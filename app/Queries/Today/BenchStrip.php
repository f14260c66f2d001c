<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Queries\House\ResourceNames;
use App\Support\Clock;
use Regimen\Route\OperationState;

/** The foot of every page: clocks that run, holds that count down, and the next thing to do. */
final readonly class BenchStrip
{
    public function __construct(private Clock $clock, private ResourceNames $resources)
    {
    }

    /** @return array<string, mixed> */
    public function for(Person $person): array
    {
        return ['clocks' => $this->clocks($person), 'holds' => $this->holds(), 'next' => $this->next($person)];
    }

    /** @return array<int, array<string, mixed>> */
    private function clocks(Person $person): array
    {
        return TimeEntry::query()
            ->whereNull('minutes')->whereNull('struck_at')
            ->with(['person', 'operation.build'])
            ->get()
            ->sortByDesc(static fn (TimeEntry $entry): bool => $entry->person_id === $person->id)
            ->map(static fn (TimeEntry $entry): array => [
                'id' => $entry->id,
                'person' => $entry->person->name,
                'mine' => $entry->person_id === $person->id,
                'build' => $entry->operation->build->number,
                'operation' => $entry->operation->name,
                'operationId' => $entry->operation_id,
                'since' => $entry->started_at?->toIso8601ZuluString(),
            ])->values()->all();
    }

    /** @return array<int, array<string, mixed>> */
    private function holds(): array
    {
        return Operation::query()
            ->where('state', OperationState::Holding->value)->where('hold_until', '>', $this->clock->now())
            ->with('build')
            ->orderBy('hold_until')
            ->limit(4)
            ->get()
            ->map(fn (Operation $operation): array => [
                'build' => $operation->build->number,
                'operation' => $operation->name,
                'fixture' => $operation->fixture === null ? null : $this->resources->of($operation->fixture),
                'until' => $operation->hold_until?->toIso8601ZuluString(),
            ])->values()->all();
    }

    /** @return array<string, mixed>|null */
    private function next(Person $person): ?array
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

        return $entry === null ? null : [
            'build' => $entry->operation->build->number,
            'operation' => $entry->operation->name,
            'operationId' => $entry->operation_id,
            'start' => $entry->start?->toIso8601ZuluString(),
        ];
    }
}

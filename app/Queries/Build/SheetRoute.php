<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\People\Person;
use App\Pages\Sheet\OperationBefore;
use App\Pages\Sheet\SheetOperation;
use App\Planning\House\House;
use App\Queries\House\ResourceNames;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\Operations;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Caution;
use Regimen\Schedule\Plan\ReasonKind;

/** The route of one build as its sheet shows it: wants operations with plan, people and hours loaded. */
final class SheetRoute
{
    private ?ReasonWords $reasons = null;

    public function __construct(
        private readonly House $house,
        private readonly Clock $clock,
        private readonly ResourceNames $resources,
    ) {
    }

    /**
     * Why the build is not over sooner: from its last operation back along the links to the one that waits for
     * something else.
     *
     * @param  Collection<int, Person>  $people
     */
    public function holdsFinish(Build $build, Collection $people): ?string
    {
        $byId = $build->operations->toBase()->keyBy('id');
        $at = $build->operations->toBase()
            ->filter(static fn (Operation $operation): bool => $operation->planned?->instant('finish') !== null)
            ->sortByDesc(static fn (Operation $operation) => $operation->planned?->instant('finish'))
            ->first();
        $longest = null;
        while ($at?->planned?->reason_kind === ReasonKind::Link->value) {
            $before = $byId->get((int) $at->planned->reason_operation_id);
            if ($before === null) {
                break;
            }
            $at = $before;
            $longest = $longest === null || $at->hold_minutes > $longest->hold_minutes ? $at : $longest;
        }
        if ($at?->planned === null) {
            return null;
        }
        $words = "The finish depends on “{$at->name}”. "
            .$this->reasons($build)->of($at->planned, $people->firstWhere('id', $at->planned->person_id)?->name);

        return $words.(
            $longest === null || $longest->hold_minutes < 1440
                ? ''
                : " The longest hold from there is {$longest->name}, ".Say::clockTime($longest->hold_minutes).'.'
        );
    }

    /**
     * @param  Collection<int, Person>  $people
     * @return list<SheetOperation>
     */
    public function operations(Build $build, Collection $people): array
    {
        $links = OperationLink::query()->where('build_id', $build->id)->get()->toBase()->groupBy('after_id');
        $byId = $build->operations->toBase()->keyBy('id');
        $lastTime = LastTime::of($build);

        return array_values($build->operations->toBase()->map(fn (Operation $operation): SheetOperation => $this->operation(
            $operation,
            $people->firstWhere('id', $operation->person_id ?? $operation->planned?->person_id)?->name,
            $this->because($build, $operation, $people),
            $this->after($links->get($operation->id, new Collection), $byId), $lastTime[$operation->key] ?? '',
        ))->all());
    }

    /** @param  list<OperationBefore>  $after */
    private function operation(Operation $operation, ?string $person, ?string $because, array $after, string $lastTime): SheetOperation
    {
        $now = $this->clock->now();
        $planned = $operation->planned;

        return new SheetOperation(
            id: $operation->id,
            name: $operation->name,
            version: $operation->version,
            skill: $operation->skill,
            needs: array_map(static fn (PartGroup $group): string => $group->value, $operation->needs),
            stage: Operations::stageWords($operation->key, $operation->stage),
            state: $operation->isOver($now) ? OperationState::Done : $operation->state,
            setUpMinutes: $operation->set_up_minutes,
            labourMinutes: $operation->labour_minutes,
            workedMinutes: $operation->minutesWorkedBy($now),
            holdMinutes: $operation->hold_minutes,
            station: $operation->station === null ? null : $this->resources->of($operation->station),
            fixture: $operation->fixture === null ? null : $this->resources->of($operation->fixture),
            person: $person,
            start: $operation->instant('started_at') ?? $planned?->instant('start'),
            workEnd: $operation->instant('labour_done_at') ?? $planned?->instant('work_end'),
            finish: $operation->instant('hold_until') ?? $operation->instant('labour_done_at') ?? $planned?->instant('finish'),
            because: $because,
            unplanned: $planned !== null && $planned->instant('start') === null,
            after: $after,
            gate: Operations::gateAfter($operation->key)?->words,
            caution: self::cautions($operation),
            waitsFor: $operation->waits_for,
            waitsUntil: $operation->waits_until,
            clocks: $operation->runningClocks->count(),
            lastTime: $lastTime,
        );
    }

    /** All of them, with the closing sense once at the end. */
    private static function cautions(Operation $operation): ?string
    {
        $cautions = $operation->cautions;

        return $cautions === [] ? null : implode(' ', Caution::together($cautions));
    }

    /** @param  Collection<int, Person>  $people */
    private function because(Build $build, Operation $operation, Collection $people): ?string
    {
        return $operation->planned === null ? null
            : $this->reasons($build)->of(
                $operation->planned, $people->firstWhere('id', $operation->planned->person_id)?->name,
            );
    }

    /**
     * @param  Collection<int, OperationLink>  $links
     * @param  Collection<int, Operation>  $byId
     * @return list<OperationBefore>
     */
    private function after(Collection $links, Collection $byId): array
    {
        $rows = [];
        foreach ($links as $link) {
            $before = $byId->get($link->before_id);
            if ($before !== null) {
                $rows[] = new OperationBefore(
                    id: $before->id,
                    name: $before->name,
                    over: $before->isOver($this->clock->now()),
                    reason: $link->reason,
                );
            }
        }

        return $rows;
    }

    private function reasons(Build $build): ReasonWords
    {
        return $this->reasons ??= new ReasonWords(
            Operation::query()
                ->with(['build', 'planned'])
                ->whereIn(
                    'id',
                    $build->operations
                        ->toBase()
                        ->map(static fn (Operation $operation) => $operation->planned?->reason_operation_id)
                        ->filter(),
                )
                ->get()->toBase()->keyBy('id'),
            $this->resources->all(),
            $this->house->zone(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Actions\Work\Readiness;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Pages\Bench\BenchNext;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Validation\ValidationException;
use Regimen\Route\Operations\Handling;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/** “I have 40 minutes”: what can be worked on now and fits, one’s own first; what can be left fits always. */
final readonly class FittingWork
{
    private const MOST = 6;

    /** Looked at at the most: those that are planned soonest. */
    private const LOOKED_AT = 60;

    public function __construct(private Readiness $readiness, private Clock $clock)
    {
    }

    /** @return list<BenchNext> */
    public function into(Person $person, Duration $time): array
    {
        $own = $other = [];
        foreach ($this->candidates($person) as $operation) {
            $because = $this->fits($operation, $time->minutes);
            if ($because === null || ! $this->isReady($operation)) {
                continue;
            }
            $isOwn = ($operation->person_id ?? $operation->planned?->person_id) === $person->id;
            $one = new BenchNext(
                operation: $operation->id, build: $operation->build->number, name: $operation->name,
                from: (string) $operation->planned?->start?->toIso8601ZuluString(), because: $because.($isOwn ? '' : '; planned for somebody else'),
            );
            $isOwn ? $own[] = $one : $other[] = $one;
        }

        return array_slice([...$own, ...$other], 0, self::MOST);
    }

    /** @return iterable<Operation> begun by them or by nobody, in the order of the plan */
    private function candidates(Person $person): iterable
    {
        return Operation::query()
            ->join('plan_entries', 'plan_entries.operation_id', '=', 'operations.id')
            ->whereIn('operations.build_id', Build::query()->open()->select('id'))
            ->whereIn('operations.skill', $person->skills)
            ->where(static fn ($query) => $query->where('operations.state', OperationState::Open->value)
                ->orWhere(static fn ($begun) => $begun->where('operations.state', OperationState::Started->value)->where('operations.person_id', $person->id)))
            ->orderBy('plan_entries.start')->limit(self::LOOKED_AT)
            ->with(['build', 'planned', 'timeEntries'])
            ->get('operations.*');
    }

    /** Why it fits; null where it does not. */
    private function fits(Operation $operation, int $minutes): ?string
    {
        $now = $this->clock->now();
        $left = max(0, $operation->workMinutes() - (int) $operation->timeEntries->sum(static fn (TimeEntry $one): int => $one->minutes ?? $one->elapsed($now)));
        $canBeLeft = Handling::of($operation->key, $operation->station, (bool) $operation->one_sitting) === Handling::CanBeLeft;

        return match (true) {
            $left > 0 && $left <= $minutes => Say::duration($left).' are left of it',
            $canBeLeft && $left > 0 => 'can be left; '.Say::duration($left).' in all',
            default => null,
        };
    }

    private function isReady(Operation $operation): bool
    {
        try {
            $this->readiness->mustBeReady($operation, 'clock');

            return true;
        } catch (ValidationException) {
            return false;
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Actions\Bench\Interruptions;
use App\Models\Bench\AwayReason;
use App\Models\Bench\Interruption;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Pages\Bench\AwayOption;
use App\Pages\Bench\BenchNext;
use App\Pages\Bench\BenchProps;
use App\Pages\Bench\MissingDay;
use App\Planning\House\House;
use App\Planning\House\Unaccounted;
use App\Queries\Today\PeopleToday;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/** One person’s own work: what is under the hand, and what comes next today. */
final readonly class BenchPage
{
    private const MOST_NEXT = 6;

    public function __construct(
        private UnderHandQuery $underHand, private PeopleToday $people, private Unaccounted $unaccounted, private FittingWork $fitting,
        private MyDay $myDay, private House $house, private Clock $clock,
    ) {
    }

    /**
     * @param  int|null  $wanted  the operation that was chosen
     * @param  Duration|null  $time  into which something is to fit
     */
    public function data(Person $person, ?int $wanted, ?Duration $time, bool $shared): BenchProps
    {
        $today = $this->clock->today($this->house->zone());
        $running = Interruptions::running($person);
        $operation = $this->operation($person, $running->operation_id ?? $wanted);
        $missing = $this->unaccounted->day($person);
        $away = $running === null ? Interruption::query()->where('person_id', $person->id)->where('day', $today)->whereNull('until')->whereNotNull('from')->latest('id')->first() : null;

        return new BenchProps(
            id: $person->id,
            person: $person->name,
            now: $operation === null ? null : $this->underHand->of($operation, $running),
            next: $this->next($person, $today, $operation),
            missing: $missing === null ? null : new MissingDay(day: $missing, minutes: $this->unaccounted->minutes($person, $missing)),
            gentle: $person->gentle_on === $today,
            changed: $this->myDay->changed($person),
            reasons: array_map(static fn (AwayReason $one): AwayOption => new AwayOption(value: $one->value, words: $one->words()), AwayReason::cases()),
            away: $away === null || $away->from === null ? null : $away->reason->words().', since '.Say::time($away->from->getTimestamp() / 60, $this->house->zone()),
            shared: $shared,
            fits: $time === null ? '' : (string) $time,
            fitting: $time === null ? [] : $this->fitting->into($person, $time),
        );
    }

    /** What runs or was chosen; else what is planned next, begun work first. */
    private function operation(Person $person, ?int $chosen): ?Operation
    {
        $with = ['build.specification', 'build.measurements', 'planned'];
        if ($chosen !== null) {
            return Operation::query()->with($with)->whereIn('build_id', Build::query()->open()->select('id'))->find($chosen);
        }
        $entry = PlanEntry::query()->where('person_id', $person->id)->whereNotNull('start')
            ->whereHas('operation', static fn ($query) => $query->whereIn('state', [OperationState::Open->value, OperationState::Started->value]))
            ->whereIn('build_id', Build::query()->open()->select('id'))
            ->orderBy('start')->first();

        return $entry === null ? null : Operation::query()->with($with)->find($entry->operation_id);
    }

    /** @return list<BenchNext> */
    private function next(Person $person, string $today, ?Operation $now): array
    {
        $next = [];
        foreach ($this->people->of($person, $today)->items as $item) {
            if ($item->operationId !== $now?->id && ! $item->state->labourIsDone() && $item->helps === null) {
                $next[] = new BenchNext(operation: $item->operationId, build: $item->build, name: $item->name, from: $item->from, because: '');
            }
        }

        return array_slice($next, 0, self::MOST_NEXT);
    }
}

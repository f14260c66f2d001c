<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/**
 * An instrument that was on the bench already: what is done of it, what it took so far, what holds and which parts are
 * there. Nothing of it is recorded as if a clock had run.
 */
final readonly class TakeIn
{
    /** Where hours come from that were worked before the shop recorded any. */
    public const SOURCE = 'taken in';

    public function __construct(
        private Recording $recording,
        private House $house,
        private Clock $clock,
        private ReleaseAsItStands $release,
    ) {
    }

    /** @return string what is left to settle before work goes on; empty if nothing is */
    public function __invoke(Person $by, Build $build, TakenIn $known): string
    {
        return $this->recording->keep(function () use ($by, $build, $known): string {
            Refused::ifStale($build->version, $known->version, $build->name());
            $operations = $build->operations()->get()->keyBy('id');
            $this->mustBeUntouched($build, $operations);
            $this->mustBeInOrder($build, $operations, $known);
            $this->stands($operations, $known);
            $minutes = $this->hours($operations, $known);
            $this->kit($build, $operations, $known);
            $build->update(['version' => $build->version + 1]);
            $this->recording->log($build, $by, 'taken-in', $this->summary($operations, $known, $minutes));
            $left = $this->isPastTheCut($operations, $known) ? $this->release->release($by, $build) : '';
            $this->forgetOrder();
            $this->recording->planAnew("{$build->name()} taken in");

            return $left;
        });
    }

    /** As long as nobody works by the plan it owes nothing to the one of a shop that was half entered. */
    private function forgetOrder(): void
    {
        if (TimeEntry::query()->where('source', '!=', self::SOURCE)->doesntExist()) {
            PlanEntry::query()->update(['position' => null]);
        }
    }

    /** @param  Collection<int, Operation>  $operations */
    private function mustBeUntouched(Build $build, Collection $operations): void
    {
        $touched = $operations->contains(static fn (Operation $one): bool => $one->state !== OperationState::Open)
            || TimeEntry::query()->whereIn('operation_id', $operations->keys())->exists();
        if ($build->status !== BuildStatus::Open || $touched) {
            throw Refused::because(
                "Work on {$build->name()} is recorded here already. Go on from its own page.", 'operations',
            );
        }
    }

    /** @param  Collection<int, Operation>  $operations */
    private function mustBeInOrder(Build $build, Collection $operations, TakenIn $known): void
    {
        foreach ($known->operations as $one) {
            if (! $operations->has($one->id)) {
                throw Refused::because('That operation is not on the route of this build.', 'operations');
            }
        }
        $state = static fn (int $id): OperationState => $known->operations[$id]->state ?? OperationState::Open;
        foreach (DB::table('operation_links')->where('build_id', $build->id)->orderBy('id')->get() as $link) {
            $before = (int) $link->before_id;
            $after = (int) $link->after_id;
            if ($state($after) !== OperationState::Open && $state($before) !== OperationState::Done) {
                throw Refused::because(
                    "“{$operations[$after]?->name}” comes after “{$operations[$before]?->name}”, which is not said to be done.",
                    "operations.{$after}",
                );
            }
        }
    }

    /** @param  Collection<int, Operation>  $operations */
    private function stands(Collection $operations, TakenIn $known): void
    {
        $now = $this->clock->now();
        foreach ($known->operations as $one) {
            $operation = $operations[$one->id] ?? null;
            if ($operation === null || $one->state === OperationState::Open) {
                continue;
            }
            $operation->update([
                'state' => $one->state,
                'started_at' => $now,
                'person_id' => $known->worker->id,
                'labour_done_at' => $one->state === OperationState::Started ? null : $now,
                'hold_until' => $one->until,
                'version' => $operation->version + 1,
            ]);
        }
    }

    /**
     * Hours of a stage lie on its operations in proportion to what they usually take; those of one that is begun are its
     * own.
     *
     * @param  Collection<int, Operation>  $operations
     * @return int minutes altogether
     */
    private function hours(Collection $operations, TakenIn $known): int
    {
        $entries = [];
        foreach ($known->operations as $one) {
            if ($one->minutes > 0) {
                $entries[$one->id] = $one->minutes;
            }
        }
        foreach ($known->minutes as $stage => $minutes) {
            $done = $operations->filter(
                static fn (Operation $one): bool => $one->stage->value === $stage && $one->state->labourIsDone(),
            );
            if ($minutes > 0 && $done->isEmpty()) {
                throw Refused::because('Nothing of this stage is said to be done that took these hours.', "hours.{$stage}");
            }
            $entries += Shared::out($minutes, $done->map(static fn (Operation $one): int => $one->workMinutes())->all());
        }
        $rate = $known->worker->rate_minor ?? $this->house->shop()->labour_rate_minor;
        $today = $this->clock->today($this->house->zone());
        TimeEntry::query()->insert(array_map(static fn (int $id, int $minutes): array => [
            'operation_id' => $id, 'person_id' => $known->worker->id, 'worked_on' => $today, 'minutes' => $minutes,
            'rate_minor' => $rate, 'source' => self::SOURCE,
        ], array_keys($entries), $entries));

        return array_sum($entries);
    }

    /** @param  Collection<int, Operation>  $operations */
    private function kit(Build $build, Collection $operations, TakenIn $known): void
    {
        $there = $this->needed($operations, true);
        $built = $this->needed($operations, false);
        $today = $this->clock->today($this->house->zone());
        foreach ($build->kit()->get() as $line) {
            [$state, $expected] = match (true) {
                in_array($line->group, $built, true) => [KitState::Used, null],
                isset($known->kit[$line->id]) => $known->kit[$line->id],
                in_array($line->group, $there, true) => [KitState::Arrived, null],
                default => [$line->state, null],
            };
            if ($state !== $line->state || $state === KitState::Ordered) {
                $line->update([
                    'state' => $state,
                    'used' => $state === KitState::Used ? $line->quantity : 0.0,
                    'arrived_on' => $state->isInTheShop() ? $today : null,
                    'ordered_on' => $state === KitState::Ordered ? $today : null,
                    'expected_on' => $state === KitState::Ordered ? $expected : null,
                    'version' => $line->version + 1,
                ]);
            }
        }
    }

    /**
     * What operations that have begun needed: before the cut it is only looked at, later it is built in.
     *
     * @param  Collection<int, Operation>  $operations
     * @return list<PartGroup>
     */
    private function needed(Collection $operations, bool $beforeTheCut): array
    {
        return array_values($operations
            ->filter(static fn (Operation $one): bool => $one->state !== OperationState::Open
                && $one->stage->isBeforeTheCut() === $beforeTheCut)
            ->flatMap(static fn (Operation $one): array => $one->needs)
            ->all());
    }

    /** @param  Collection<int, Operation>  $operations */
    private function isPastTheCut(Collection $operations, TakenIn $known): bool
    {
        return $operations->contains(
            static fn (Operation $one): bool => $one->state !== OperationState::Open && ! $one->stage->isBeforeTheCut(),
        );
    }

    /** @param  Collection<int, Operation>  $operations */
    private function summary(Collection $operations, TakenIn $known, int $minutes): string
    {
        $done = $operations->filter(static fn (Operation $one): bool => $one->state->labourIsDone());
        $parts = [Say::count($done->count(), 'operation').' done before'];
        foreach ($known->operations as $one) {
            if ($one->until !== null) {
                $parts[] = "{$operations[$one->id]?->name} holds until ".Say::moment($one->until, $this->house->zone());
            }
        }
        $parts[] = Duration::ofMinutes($minutes)." worked so far by {$known->worker->name}, as remembered";

        return 'Taken in from the bench: '.implode('; ', $parts).'.';
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Build;
use App\Models\Build\Operation as OperationModel;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\Kit;
use Regimen\Forecast\Progress;
use Regimen\Route\Operation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\Handling;
use Regimen\Route\OperationState;
use Regimen\Route\Route;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;
use Regimen\Units\Duration;

/**
 * Turns operations into the activities that the core plans: those of open builds, and those of a build that is only
 * thought of.
 */
final readonly class Activities
{
    public function __construct(private House $house, private Air $air, private LeadTimes $leads, private TimberWaits $timber, private PaymentWaits $payments, private AwayWork $away, private Clock $clock)
    {
    }

    /**
     * @param  Build  $build  with operations (and worked_minutes), kit
     * @param  array<int, list<Before>>  $links  by the operation that comes after
     * @return array<int, Activity>
     */
    public function ofBuild(Build $build, array $links): array
    {
        $now = $this->clock->now();
        $open = $build->operations->reject(
            static fn (OperationModel $operation): bool => $operation->isOver($now),
        )->keyBy('key');
        $waits = $this->waits();
        foreach ($build->kit as $line) {
            $line->surplus || $waits->add($line->group, $line->name, $line->state, $line->expected_on, $line->lead_days, $line->supplier, $line->ordered_on);
        }
        $activityOf = static fn (string $key): ?int => isset($open[$key])
            ? ActivityId::operation($open[$key]->id)->number
            : null;

        return $open->map(fn (OperationModel $operation): Activity => match ($operation->state) {
            OperationState::Started => $this->started($operation),
            OperationState::Holding => $this->holding($operation),
            default => $this->open($operation, $links[$operation->id] ?? [], $waits, $activityOf),
        })->values()->all();
    }

    private function waits(): KitWaits
    {
        return new KitWaits($this->clock->today($this->house->zone()), $this->house->zone(), $this->leads);
    }

    /**
     * @param  list<Before>  $links
     * @param  callable(string): ?int  $activityOf
     */
    private function open(OperationModel $operation, array $links, KitWaits $waits, callable $activityOf): Activity
    {
        [$leads, $late] = $waits->leads($operation->needs, $activityOf);
        $releases = array_values(array_filter([...$waits->releases($operation->needs), ...$late, $this->timber->release($operation), $this->payments->release($operation), $this->decision($operation)]));

        return (new Activity(
            ActivityId::operation($operation->id)->number,
            BuildId::of($operation->build_id)->number,
            $operation->workMinutes(),
            $this->air->stretched($operation->hold_minutes, $operation->hold_kind),
            $operation->skill,
            [
                ...array_map(static fn (Before $one): Predecessor => new Predecessor(ActivityId::operation($one->id)->number), $links),
                ...$leads,
            ],
            $this->demandsOf($operation),
            null,
            $operation->one_sitting,
            setUp: $operation->set_up_key === '' || $operation->set_up_minutes === 0
                ? null
                : new SetUp($operation->set_up_key, $operation->set_up_minutes, $operation->station),
            windows: $this->windows($operation, $links),
            hands: $operation->hands_minutes,
            alone: $operation->alone_minutes,
            final: self::isFinal($operation),
        ))->waitingFor($releases);
    }

    /**
     * By when a coat has to be on for the one under it; where sanding stands on the route already, it is sanded anyway.
     *
     * @param  list<Before>  $links
     * @return list<Window>
     */
    private function windows(OperationModel $operation, array $links): array
    {
        $windows = [];
        foreach ($links as $link) {
            if ($link->window === null) {
                continue;
            }
            if ($link->isOpen) {
                $windows[] = new Window(ActivityId::operation($link->id)->number, $link->window, $this->house->sanding());
            } elseif ($link->doneAt !== null && ! $this->hasSanding($operation)) {
                $windows[] = new Window(null, Minutes::ofColumn($link->doneAt) + $link->window, $this->house->sanding());
            }
        }

        return $windows;
    }

    private function hasSanding(OperationModel $operation): bool
    {
        return OperationModel::query()
            ->where('build_id', $operation->build_id)
            ->where('key', "{$operation->key}.scuff")
            ->exists();
    }

    private function decision(OperationModel $operation): ?Release
    {
        if ($operation->waits_for === '' || $operation->waits_until === null) {
            return null;
        }
        $today = $this->clock->today($this->house->zone());
        $until = max($operation->waits_until, $today);

        return new Release(
            Minutes::endOfDay($until, $this->house->zone()) + 1,
            "{$operation->waits_for}, by ".Say::day($operation->waits_until),
        );
    }

    private function started(OperationModel $operation): Activity
    {
        $planned = Duration::ofMinutes($operation->workMinutes());
        $worked = Duration::ofMinutes(
            intdiv(
                $operation->minutesWorkedBy($this->clock->now())
                    * $this->house->speed($operation->person_id, $operation->skill),
                100,
            ),
        );

        return new Activity(
            ActivityId::operation($operation->id)->number,
            BuildId::of($operation->build_id)->number,
            Progress::remaining($planned, $worked)->minutes,
            $this->air->stretched($operation->hold_minutes, $operation->hold_kind),
            $operation->skill,
            demands: $this->demandsOf($operation),
            worker: $operation->person_id,
            startedAt: Minutes::of($operation->started_at ?? $this->clock->now()),
            sittings: $this->sittings($operation),
            // What is worked on has its station set already.
            setUp: $operation->set_up_key === '' ? null : new SetUp($operation->set_up_key, 0, $operation->station),
            hands: $operation->hands_minutes,
            alone: $operation->alone_minutes,
            // What somebody is at now goes on: the plan says what is, too.
            final: self::isFinal($operation) && $operation->runningClocks->isEmpty(),
        );
    }

    private static function isFinal(OperationModel $operation): bool
    {
        return ! Handling::of($operation->key, $operation->station, $operation->one_sitting)->isGentle();
    }

    /** @return list<array{int, int}> when it is gone on with by the plan in force, where that is not in one go */
    private function sittings(OperationModel $operation): array
    {
        $now = Minutes::of($this->clock->now());

        return array_values(array_filter(
            $operation->planned->sittings ?? [],
            static fn (array $one): bool => $one[1] > $now,
        ));
    }

    private function holding(OperationModel $operation): Activity
    {
        $runs = $operation->runs_until === null ? 0 : Minutes::of($operation->runs_until) - Minutes::of($this->clock->now());
        $demands = array_filter(
            $this->demandsOf($operation), static fn (Demand $demand): bool => $demand->throughHold || $runs > 0,
        );
        $back = $this->away->release($operation);

        return new Activity(
            ActivityId::operation($operation->id)->number, BuildId::of($operation->build_id)->number, 0,
            demands: array_values($demands),
            release: $back,
            holdUntil: $back->instant ?? Minutes::of($operation->hold_until ?? $this->clock->now()),
            alone: max(0, $runs),
        );
    }

    /** @return list<Demand> */
    private function demandsOf(OperationModel $operation): array
    {
        $demands = Demands::of(
            BuildId::of($operation->build_id)->number, $operation->pieces, $operation->station, $operation->fixture,
            $operation->fixtures,
        );

        return match (true) {
            $operation->sprayed => [...$demands, new Demand(Air::RESOURCE)],
            BoxOperation::waitsForAir($operation->key) => [...$demands, new Demand(Air::BOX)],
            default => $demands,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Plan\PlanChange;
use App\Models\Plan\PlanRequest;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Policy\Planned;

/**
 * One plan at a time, for everything that was asked for so far, made outside of the write lock. Whoever comes while one is
 * made waits, and finds that the next holds what others asked for too: nobody waits for more than two.
 */
final readonly class PlanTurn
{
    /** So often a plan is made again because what it plans has gone meanwhile; then the shop is held still for it. */
    private const TRIES = 3;

    /** SQLITE_CONSTRAINT, of sqlite.org/rescode.html. */
    private const CONSTRAINT = 19;

    public function __construct(private Planner $planner, private ShopDatabase $database, private Clock $clock)
    {
    }

    /** Inside the transaction of what it is asked for. */
    public function ask(string $cause, bool $moves = true, ?PlanChange $takenBack = null): void
    {
        PlanRequest::query()->create([
            'at' => $this->clock->now(), 'cause' => $cause, 'moves' => $moves, 'plan_change_id' => $takenBack?->id,
        ]);
    }

    /** Returns when a plan holds everything that was asked for before. */
    public function take(): void
    {
        $last = self::last();
        $this->database->alone(fn () => $this->planUpTo($last), static fn (): bool => ! self::isBehind($last));
    }

    /**
     * Plans again when something should have begun by now and has not, or when what was asked for was never planned; a plan
     * that was just made is left alone.
     */
    public function keepFresh(): void
    {
        $last = self::last();
        if ($last > 0 || $this->planner->isOldAndOvertaken()) {
            $this->database->alone(function () use ($last): void {
                if ($this->planner->isOldAndOvertaken()) {
                    $this->ask('time has gone on');
                    $last = self::last();
                }
                $this->planUpTo($last);
            }, fn (): bool => ! self::isBehind($last) && ! $this->planner->isOldAndOvertaken());
        }
    }

    /** The last that was asked for and is in no plan; 0 where there is none. */
    private static function last(): int
    {
        return (int) PlanRequest::query()->whereNull('plan_id')->max('id');
    }

    private static function isBehind(int $last): bool
    {
        return $last > 0 && PlanRequest::query()->whereNull('plan_id')->where('id', '<=', $last)->exists();
    }

    /**
     * Whoever finds at their turn that another has planned what they wait for goes on at once. What others ask for meanwhile is
     * theirs to wait for: they are at the turn already, or whoever looks next is.
     *
     * @param  int  $last  the last that was asked for when they came
     */
    private function planUpTo(int $last): void
    {
        for ($try = 1; self::isBehind($last); $try++) {
            $this->planner->closeWindows();
            try {
                $try > self::TRIES
                    ? DB::transaction(fn () => $this->keep(...$this->compute()))
                    : $this->keep(...$this->database->steady($this->compute(...)));

                return;
            } catch (QueryException $gone) {
                // An operation that was planned may have been taken off its route since the shop was read.
                if ($try > self::TRIES || ($gone->errorInfo[1] ?? 0) !== self::CONSTRAINT) {
                    throw $gone;
                }
            }
        }
    }

    /** @return array{Collection<int, PlanRequest>, Planned|null} what is asked for; no plan where it is planned already */
    private function compute(): array
    {
        $asked = PlanRequest::query()->whereNull('plan_id')->with('takenBack')->orderBy('id')->get();
        $moves = $asked->contains('moves', true) || $this->planner->isOvertaken();
        $takenBack = $asked->pluck('takenBack')->filter()->last();

        return [$asked, $moves ? $this->planner->compute($takenBack?->announced) : null];
    }

    /**
     * @param  Collection<int, PlanRequest>  $asked
     *
     * @throws QueryException where something that was planned is not there any more
     */
    private function keep(Collection $asked, ?Planned $planned): void
    {
        DB::transaction(function () use ($asked, $planned): void {
            $cause = $asked->pluck('cause')->unique()->implode('; ');
            $plan = $planned === null ? $this->planner->repeat($cause) : $this->planner->store($planned, $cause);
            PlanRequest::query()->whereKey($asked->modelKeys())->update(['plan_id' => $plan->id]);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Plan\PlanChange;
use App\Models\Plan\PlanRequest;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Policy\Planned;

/**
 * One plan at a time, for everything that was asked for so far, made outside of the write lock. Whoever comes while one is
 * made waits, and finds that the next holds what others asked for too.
 */
final readonly class PlanTurn
{
    /** So often a plan is made again because something was asked for meanwhile; then the shop is held still for it. */
    private const TRIES = 3;

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
        $this->database->alone($this->planAll(...));
    }

    /**
     * Plans anew when something should have begun by now and has not, or when what was asked for was never planned; a plan
     * that was just made is left alone.
     */
    public function keepFresh(): void
    {
        if ($this->isBehind() || $this->planner->isOldAndOvertaken()) {
            $this->database->alone(function (): void {
                if ($this->planner->isOldAndOvertaken()) {
                    $this->ask('time has gone on');
                }
                $this->planAll();
            });
        }
    }

    private function isBehind(): bool
    {
        return PlanRequest::query()->whereNull('plan_id')->exists();
    }

    private function planAll(): void
    {
        for ($try = 1; $this->isBehind(); $try++) {
            $this->planner->closeWindows();
            $try > self::TRIES
                ? DB::transaction(fn () => $this->keep(...$this->compute()))
                : $this->keep(...$this->database->steady($this->compute(...)));
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
     * Unless something was asked for meanwhile: then it is planned again, with that.
     *
     * @param  Collection<int, PlanRequest>  $asked
     */
    private function keep(Collection $asked, ?Planned $planned): void
    {
        DB::transaction(function () use ($asked, $planned): void {
            if (PlanRequest::query()->where('id', '>', (int) $asked->max('id'))->exists()) {
                return;
            }
            $cause = $asked->pluck('cause')->unique()->implode('; ');
            $plan = $planned === null ? $this->planner->repeat($cause) : $this->planner->store($planned, $cause);
            PlanRequest::query()->whereKey($asked->modelKeys())->update(['plan_id' => $plan->id]);
        });
    }
}

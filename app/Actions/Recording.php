<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Planning\House\House;
use App\Planning\Plan\PlanTurn;
use App\Support\Logbook;
use App\Support\Refused;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use LogicException;
use ReflectionFunction;
use Throwable;

/**
 * What every action goes through: records and logbook in one short transaction, all of it or nothing; then, outside of
 * the write lock, the plan that holds it. An action within another shares its transaction and its plan. Records that the
 * work was given are read again under the lock, so that it never judges what somebody else has changed meanwhile.
 */
final class Recording
{
    private bool $isOpen = false;

    private bool $asks = false;

    public function __construct(private readonly Logbook $logbook, private readonly PlanTurn $turn, private readonly House $house)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T what the work returned, once a plan holds it
     *
     * @throws PlanNotMade when it is recorded and could not be planned
     */
    public function keep(Closure $work): mixed
    {
        if ($this->isOpen) {
            return $work();
        }
        $this->isOpen = true;
        try {
            $result = DB::transaction(function () use ($work): mixed {
                $this->readAgain($work);

                return $work();
            });
        } catch (Throwable $failed) {
            $this->asks = false;
            throw $failed;
        } finally {
            $this->isOpen = false;
        }
        $this->planIfAsked();

        return $result;
    }

    /** The records that a closure was given, as they stand now that nobody else writes. */
    private function readAgain(Closure $work): void
    {
        $this->house->forget();
        foreach ((new ReflectionFunction($work))->getClosureUsedVariables() as $used) {
            try {
                $used instanceof Model && $used->exists && $used->refresh();
            } catch (ModelNotFoundException) {
                throw Refused::because('That is gone: somebody deleted it in the meantime. Nothing was changed.');
            }
        }
    }

    /** @param  Person|null  $by  nobody where the shop does it by itself */
    public function log(?Build $build, ?Person $by, string $kind, string $text): void
    {
        $this->mustBeOpen();
        $this->logbook->write($build, $by, $kind, $text);
    }

    /**
     * @param  string  $cause  what made it necessary, for the plan's history
     * @param  PlanChange|null  $takenBack  planned as if what was announced before it were in force
     */
    public function planAnew(string $cause, ?PlanChange $takenBack = null): void
    {
        $this->ask($cause, true, $takenBack);
    }

    /** What was fixed is planned already: the plan stays to the minute, and its history says what happened. */
    public function planStays(string $cause): void
    {
        $this->ask($cause, false, null);
    }

    private function ask(string $cause, bool $moves, ?PlanChange $takenBack): void
    {
        $this->mustBeOpen();
        $this->asks = true;
        $this->turn->ask($cause, $moves, $takenBack);
    }

    private function mustBeOpen(): void
    {
        if (! $this->isOpen) {
            throw new LogicException('Nothing is logged or planned outside of keep().');
        }
    }

    private function planIfAsked(): void
    {
        if ($this->asks) {
            $this->asks = false;
            try {
                $this->turn->take();
            } catch (Throwable $failed) {
                throw PlanNotMade::because($failed);
            }
        }
    }
}

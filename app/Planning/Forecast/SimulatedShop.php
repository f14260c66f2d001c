<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Planning\Plan\Standings;
use App\Planning\Problem\ShopProblem;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Outcome;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Route\Route;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Calendar;

/** The shop as it stands, ready to be run: its problem, the order and the people of the plan in force, and what is not known. */
final readonly class SimulatedShop
{
    /** Always the same: the same shop has the same chances. */
    public const SEED = 20_000;

    private function __construct(public Problem $problem, public Standing $standing, public Doubts $doubts, public Recalibration $recalibration, private ?Calendar $hours)
    {
    }

    /**
     * @param  list<Activity>  $draft  a build that is only thought of, behind everything promised
     * @param  array<int, list<Activity>>  $held  what is quoted and holds its place before it, by that place
     */
    public static function read(ShopProblem $problem, Standings $standings, ShopDoubts $doubts, array $draft = [], ?Route $route = null, array $held = []): self
    {
        $assembled = $problem->assemble($draft, $held);

        return new self($assembled, $standings->read(), $doubts->of($assembled, $route), $doubts->recalibration(), $doubts->shopHours($assembled->now));
    }

    /**
     * @param  Problem|null  $other  the shop with one thing otherwise, drawn alike
     * @param  list<int>  $periods  instants at which periods begin that labour is counted by
     */
    public function outcome(int $runs, ?Problem $other = null, bool $traced = false, array $periods = []): Outcome
    {
        $problem = $other ?? $this->problem;
        $people = [];
        foreach ($this->standing->announced as $id => $one) {
            if ($one->isChosen && $one->worker !== null) {
                $people[$id] = $one->worker;
            }
        }
        $runsOf = new Runs($problem, $this->doubts, $this->keys(new PlanOrder($problem, $this->standing)), $people, self::SEED);

        return $runsOf->outcome($runs, $traced, $periods)->recalibrated($this->recalibration, $this->hours);
    }

    /** One plan of it, in the order in force. */
    public function planned(): Planned
    {
        return new Planned($this->problem, Builder::byKeys($this->problem, $this->keys(new PlanOrder($this->problem, $this->standing))));
    }

    /** @return array<int|string, int> */
    private function keys(PlanOrder $order): array
    {
        $positions = $order->positions();

        return $positions === [] ? $order->keys() : $positions;
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Planning\Plan\Standings;
use App\Planning\Problem\ShopProblem;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Route\Route;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;

/** The shop as it stands, ready to be run: its problem, the order and the people of the plan in force, and what is not known. */
final readonly class SimulatedShop
{
    private function __construct(public Problem $problem, public Standing $standing, public Doubts $doubts)
    {
    }

    /** @param  list<Activity>  $draft  a build that is only thought of, behind everything promised */
    public static function read(ShopProblem $problem, Standings $standings, ShopDoubts $doubts, array $draft = [], ?Route $route = null): self
    {
        $assembled = $problem->assemble($draft);

        return new self($assembled, $standings->read(), $doubts->of($assembled, $route));
    }

    /** @param  Problem|null  $other  the shop with one thing otherwise, drawn alike */
    public function runs(int $seed, ?Problem $other = null): Runs
    {
        $problem = $other ?? $this->problem;
        $people = [];
        foreach ($this->standing->announced as $id => $one) {
            if ($one->isChosen && $one->worker !== null) {
                $people[$id] = $one->worker;
            }
        }

        return new Runs($problem, $this->doubts, $this->keys(new PlanOrder($problem, $this->standing)), $people, $seed);
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

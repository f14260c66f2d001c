<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Build;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\Demands;
use App\Planning\Problem\DraftActivities;
use App\Planning\Problem\ShopProblem;
use App\Planning\Specification\Ready;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Costing\Kit;
use Regimen\Costing\Quote;
use Regimen\Instrument\Specification;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\Unplanned;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Problem;

/** Works out a build before it is one. */
final readonly class Drafting
{
    public function __construct(
        private House $house,
        private Routes $routes,
        private DraftActivities $drafts,
        private ShopProblem $problem,
        private Standings $standings,
        private HeldPlaces $held,
        private Clock $clock,
    ) {
    }

    /** @param  Build|null  $build  whose methods and changes are taken */
    public function draft(Specification $specification, ?Build $build = null): Draft
    {
        return $this->worked($specification, $this->routes->of($specification, $build));
    }

    public function worked(Specification $specification, EditedRoute $edited): Draft
    {
        $route = $edited->route;
        $kit = Kit::for($specification, $this->house->prices());
        $quote = Quote::compute($this->house->rate()->forTime($route->work()), $kit->cost(), $this->house->priceRule());

        return new Draft($specification, $edited, $route, $kit, $quote);
    }

    /** As if it were alone in the shop, with the people, stations and clamps there are. */
    public function alone(Draft $draft): Plan
    {
        $now = Minutes::of($this->clock->now());
        $capacities = $this->house->capacities() + Demands::pieces(BuildId::draft()->number);

        return Builder::plan(
            new Problem(
                $now, $this->drafts->of($draft->route, $draft->kit), $this->house->workers($now),
                $capacities,
            ),
        );
    }

    /** When it could really be ready, behind everything already promised. */
    public function ready(Draft $draft): Ready
    {
        $problem = $this->problem->assemble($this->drafts->of($draft->route, $draft->kit), $this->held->places());
        $plan = (new PlanOrder($problem, $this->standings->read()))->planned()->plan;
        $finish = $plan->finishOf(BuildId::draft()->number, $problem);
        $first = $draft->route->positions()[PreparationOperation::Agree->value] ?? 0;
        $start = $plan->assignments[ActivityId::draft($first)->number]->start ?? null;

        $unplanned = array_values(
            array_filter(
                $plan->unplanned,
                static fn (Unplanned $one): bool => $problem->activities[$one->activity]->build
                    === BuildId::draft()->number,
            ),
        );

        return new Ready(
            $start === null ? null : Minutes::toInstant($start),
            $finish === null ? null : Minutes::toInstant($finish),
            $unplanned === [] ? null : $unplanned[0]->why,
        );
    }
}

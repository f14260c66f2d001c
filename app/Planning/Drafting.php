<?php

declare(strict_types=1);

namespace App\Planning;

use App\Support\Minutes;
use Regimen\Costing\Kit;
use Regimen\Costing\Quote;
use Regimen\Instrument\Specification;
use Regimen\Route\RoutePlanner;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Unplanned;

/** Works out a build before it is one. */
final readonly class Drafting
{
    public function __construct(private House $house, private Activities $activities, private ShopProblem $problem)
    {
    }

    public function draft(Specification $specification): Draft
    {
        $route = RoutePlanner::withAllRules()->plan($specification, $this->house->standards());
        $kit = Kit::of($specification, $this->house->prices());
        $shop = $this->house->shop();
        $quote = Quote::of($route->work(), $this->house->rate(), $kit->cost(), $shop->overhead_permille / 1000, $shop->margin_permille / 1000);

        return new Draft($specification, $route, $kit, $quote);
    }

    /** When it could really be ready, behind everything already promised. */
    public function ready(Draft $draft): Ready
    {
        $problem = $this->problem->assemble($this->activities->ofDraft($draft->route, $draft->kit, 'draft'));
        $plan = Builder::plan($problem);
        $finish = $plan->finishOf('draft', $problem);
        $start = $plan->assignments['dbrief.agree']->start ?? null;

        $unplanned = array_values(array_filter($plan->unplanned, static fn (Unplanned $one): bool => $problem->activities[$one->activity]->build === 'draft'));

        return new Ready(
            $start === null ? null : Minutes::toInstant($start),
            $finish === null ? null : Minutes::toInstant($finish),
            $unplanned === [] ? null : $unplanned[0]->why,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\DraftActivities;
use App\Planning\Problem\ShopProblem;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\Quote;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Units\Duration;

/** What a second instrument of the same kind would cost on the set-ups of the first, and when it would be ready, for stock. */
final readonly class WorthTwo
{
    public function __construct(private House $house, private DraftActivities $drafts, private ShopProblem $problem, private Standings $standings, private HeldPlaces $held)
    {
    }

    public function words(Draft $draft): string
    {
        $route = $draft->route;
        $setUps = $route->setUps();
        $rate = $this->house->rate();
        $together = Quote::compute($rate->forTime(Duration::ofMinutes($route->work()->minutes - $setUps->minutes)), $draft->quote->material, $this->house->priceRule());
        $saved = $draft->quote->cost->minus($together->cost);
        $finish = $this->finish($draft);

        return "A second one beside it would cost {$together->cost} instead of {$draft->quote->cost}: ".Say::duration($setUps->minutes)." of set-ups are not done twice, which saves {$saved}, if both are cut in one go at each of them. "
            .($finish === null ? 'When it would be ready nobody can say: it cannot be planned as the shop stands.' : 'Planned behind it, for stock, it would be ready '.Say::day($finish).'.');
    }

    /** Behind everything that is promised, what is quoted, and the first one. */
    private function finish(Draft $draft): ?string
    {
        $places = $this->held->places();
        $place = $places === [] ? 1 : max(array_keys($places)) + 1;
        $places[$place] = $this->drafts->of($draft->route, $draft->kit, $place);
        $problem = $this->problem->assemble($this->drafts->of($draft->route, $draft->kit), $places);
        $finish = (new PlanOrder($problem, $this->standings->read()))->planned()->plan->finishOf(BuildId::draft()->number, $problem);

        return $finish === null ? null : Minutes::toInstant($finish)->setTimezone($this->house->zone())->toDateString();
    }
}

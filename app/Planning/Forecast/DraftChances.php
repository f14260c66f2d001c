<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Planning\Plan\Standings;
use App\Planning\Problem\DraftActivities;
use App\Planning\Problem\ShopProblem;
use App\Planning\Route\Draft;
use App\Planning\Route\HeldPlaces;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Schedule\Problem\BuildId;

/** When a build that is only thought of would be over, behind everything already promised and quoted, with its chances. */
final readonly class DraftChances
{
    /** Somebody waits for it. */
    private const RUNS = 80;

    public function __construct(private ShopProblem $problem, private Standings $standings, private ShopDoubts $doubts, private DraftActivities $drafts, private HeldPlaces $held)
    {
    }

    /**
     * @param  int  $but  an enquiry whose own quotes hold no place against it
     * @return BuildOutcome|null null where it cannot be planned
     */
    public function of(Draft $draft, int $runs = self::RUNS, int $but = 0): ?BuildOutcome
    {
        $shop = SimulatedShop::read($this->problem, $this->standings, $this->doubts, $this->drafts->of($draft->route, $draft->kit), $draft->route, $this->held->places($but));
        $outcome = $shop->outcome($runs)->of(BuildId::draft()->number);

        return $outcome->isKnown() ? $outcome : null;
    }
}

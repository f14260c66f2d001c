<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Forecast\Forecast;
use App\Planning\House\House;
use App\Planning\Plan\Helping;
use App\Planning\Plan\Standings;
use App\Planning\Problem\ShopProblem;
use App\Support\Minutes;
use Closure;
use Regimen\Forecast\Simulation\HangKind;
use Regimen\Forecast\Simulation\Outcome;
use Regimen\Schedule\Policy\HelpKind;
use Regimen\Schedule\Policy\Variation;
use Regimen\Schedule\Problem\BuildId;

/** What would raise the chance of a promise, by running the shop with one thing otherwise: only what finishes really hang on is tried. */
final readonly class Raising
{
    /** Fewer than for the chances themselves: both sides of a comparison draw the same. */
    private const RUNS = 120;

    /** What lies on the deciding chain less often is not tried. */
    private const OFTEN = 0.05;

    /** So many thousandths more are worth a line. */
    private const WORTH = 15;

    /** What is this sure needs no help. */
    private const SURE = 990;

    public function __construct(private ShopProblem $problem, private Standings $standings, private ShopDoubts $doubts, private Helping $helping, private House $house)
    {
    }

    /**
     * @param  Closure(int, int): void  $progress  told how many were tried of how many
     * @return list<array{Variation, array<int, array{int, int}>}> what raises, with the chances in thousandths before and after by build
     */
    public function ranked(Forecast $forecast, Closure $progress): array
    {
        $due = [];
        foreach (Build::query()->open()->whereNotNull('promised_on')->get() as $build) {
            $due[$build->id] = Minutes::endOfDay((string) $build->promised_on, $this->house->zone());
        }
        $shop = SimulatedShop::read($this->problem, $this->standings, $this->doubts);
        $variations = $this->worthTrying($forecast, $shop);
        $before = $this->chances($shop->outcome(self::RUNS), $due);
        $ranked = [];
        foreach ($variations as $tried => $variation) {
            $progress($tried, count($variations));
            $after = $this->chances($shop->outcome(self::RUNS, $variation->problem), $due);
            $raised = [];
            foreach ($after as $build => $chance) {
                if ($chance >= $before[$build] + self::WORTH) {
                    $raised[$build] = [$before[$build], $chance];
                }
            }
            $raised === [] || $ranked[] = [$variation, $raised];
        }

        return $ranked;
    }

    /**
     * @param  array<int, int>  $due  instants by build
     * @return array<int, int>
     */
    private function chances(Outcome $outcome, array $due): array
    {
        $chances = [];
        foreach ($due as $build => $instant) {
            $key = BuildId::of($build)->number;
            if (in_array($key, $outcome->builds(), true)) {
                $chances[$build] = (int) round(1_000 * $outcome->of($key)->chance($instant));
            }
        }

        return $chances;
    }

    /** @return list<Variation> */
    private function worthTrying(Forecast $forecast, SimulatedShop $shop): array
    {
        $places = $people = $parts = $skills = [];
        foreach ($forecast->builds as $build) {
            if ($build->chance === null || $build->chance >= self::SURE) {
                continue;
            }
            foreach ($build->hangs as $hang) {
                if ($hang['share'] < self::OFTEN) {
                    continue;
                }
                $activity = $hang['kind'] === HangKind::Operation->value ? $shop->problem->activities[(int) $hang['key']] ?? null : null;
                match (HangKind::from($hang['kind'])) {
                    HangKind::Place => $places[$hang['key']] = true,
                    HangKind::Person => $people[(int) $hang['key']] = true,
                    HangKind::Part => $parts[$hang['key']] = true,
                    HangKind::Operation => $skills[$activity->skill ?? ''] = true,
                };
            }
        }
        $worth = [];
        foreach ($this->helping->variations($shop->problem)->all($shop->planned()) as $one) {
            if (match ($one->kind) {
                HelpKind::Station => isset($places[$one->resource]),
                HelpKind::Skill => isset($skills[$one->skill]) && $people !== [],
                HelpKind::Overtime => isset($people[$one->worker]),
                HelpKind::Earlier => isset($parts[$one->cause]),
                HelpKind::Promise => false,
            }) {
                $worth[] = $one;
            }
        }

        return $worth;
    }
}

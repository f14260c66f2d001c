<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Planning\House\House;
use App\Planning\Problem\Awaited;
use App\Planning\Problem\AwayWork;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\LeadTime;
use Regimen\Forecast\Normal;
use Regimen\Forecast\Simulation\Arrival;
use Regimen\Schedule\Problem\Activity;

/** What has to come before builds go on, and how sure its day is: parts, what is sent out, decisions. */
final readonly class ShopArrivals
{
    /** A client who is asked to decide by a day decides by then in half of all cases, in nine of ten within a week (house convention). */
    private const DECIDED_LATER = 7;

    public function __construct(private House $house, private LeadTimes $leads, private AwayWork $away, private Clock $clock)
    {
    }

    /** @return array<string, Arrival> what a build waits for, by the words of the plan */
    public function of(Build $build): array
    {
        $zone = $this->house->zone();
        $today = $this->clock->today($zone);
        $waits = new KitWaits($today, $zone, $this->leads);
        foreach ($build->kit as $line) {
            $line->surplus || $waits->add($line->group, $line->name, $line->state, $line->expected_on, $line->lead_days, $line->supplier, $line->ordered_on);
        }
        $arrivals = array_map(static fn (Awaited $one): Arrival => $one->arrival(), $waits->awaited());
        foreach ($build->operations as $operation) {
            $back = $this->away->release($operation);
            if ($back !== null && ($work = $this->away->of($operation)) !== null) {
                $arrivals[$back->cause] = $this->away->awaited($work)->arrival();
            }
            if ($operation->waits_for !== '' && $operation->waits_until !== null) {
                $days = max(1, (int) (new \DateTimeImmutable($today))->diff(new \DateTimeImmutable($operation->waits_until))->format('%r%a'));
                $spread = new Spread(log($days), log(($days + self::DECIDED_LATER) / $days) / Normal::quantile(0.9));
                $arrivals["{$operation->waits_for}, by ".Say::day($operation->waits_until)] = new Arrival($spread->quantiles(), $days);
            }
        }

        return $arrivals;
    }

    /**
     * What a build that is only thought of would have to order, as its price list says.
     *
     * @return array<string, Arrival> by the words of the plan
     */
    public static function toOrder(Activity $activity): array
    {
        $arrivals = [];
        foreach ($activity->predecessors as $one) {
            if ($one->lagCause !== null && $one->lag > 0) {
                $days = intdiv($one->lag, 1_440);
                $arrivals[$one->lagCause] = (new Awaited(LeadTime::of($days, LeadTime::NINTH * $days, []), $days))->arrival();
            }
        }

        return $arrivals;
    }
}

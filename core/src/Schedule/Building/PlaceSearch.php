<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;

/** Looks for the first place at which people and resources are free together. */
final readonly class PlaceSearch
{
    /**
     * A person who is away for longer, in minutes, is what is really waited for; a night or a weekend is not worth a
     * word.
     */
    private const LONG_AWAY = 4_320;

    public function __construct(private Workforce $people, private Site $site)
    {
    }

    /**
     * @param  int  $from  the earliest instant
     * @param  Reason  $reason  for not beginning before it
     * @param  int  $work  labour in minutes at the usual speed
     */
    public function from(Activity $activity, int $from, Reason $reason, int $work): Spot
    {
        while (true) {
            $found = $work === 0 ? null : $this->people->earliest($activity, $from, $work);
            $start = $found === null ? $from : $found[0]->worker->calendar->startOf($found[1]);
            $end = $found === null ? $from : $found[3];
            $taken = $this->site->conflict($activity, $start, $end, $found[2] ?? 0);
            if ($taken !== null) {
                [$from, $reason] = $taken;

                continue;
            }
            if ($found === null) {
                return new Spot(null, 0, 0, $start, $end, $reason);
            }
            $why = self::binding($reason, $found[4], $start - $from);

            return new Spot($found[0], $found[1], $found[2], $start, $end, $why);
        }
    }

    /** What really is waited for: the person's work before, a person who is away for long, or what it was already. */
    private static function binding(Reason $reason, int|string|null $personWasBusyWith, int $later): Reason
    {
        $isWaiting = in_array($reason->kind, [ReasonKind::Link, ReasonKind::Resource], true);

        return match (true) {
            $personWasBusyWith !== null => Reason::person($personWasBusyWith),
            $later > 0 && $reason->kind === ReasonKind::Now,
            $later > self::LONG_AWAY && $isWaiting => Reason::calendar($reason->activity),
            default => $reason,
        };
    }
}

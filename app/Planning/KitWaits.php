<?php

declare(strict_types=1);

namespace App\Planning;

use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Schedule\Predecessor;
use Regimen\Schedule\Release;

/**
 * What a build's operations wait for from its kit. A part is planned on from the morning after the day it is expected;
 * one that is overdue, from tomorrow; one that is not ordered yet, from its lead time after the operation that orders it.
 */
final class KitWaits
{
    private const ORDERED_BY = ['timber' => 'brief.agree'];

    /** @var array<string, array{int, string}> latest arrival of what is ordered, by group */
    private array $arrivals = [];

    /** @var array<string, array{int, string}> longest lead time of what is not ordered, by group */
    private array $leads = [];

    public function __construct(private readonly string $today, private readonly \DateTimeZone $zone)
    {
    }

    public function add(string $group, string $name, KitState $state, ?string $expectedOn, int $leadDays): void
    {
        if ($state === KitState::Ordered && $expectedOn !== null) {
            $late = $expectedOn < $this->today;
            $instant = Minutes::endOfDay($late ? $this->today : $expectedOn, $this->zone) + 1;
            if ($instant > ($this->arrivals[$group][0] ?? 0)) {
                $this->arrivals[$group] = [$instant, $name.($late ? ', overdue since ' : ', expected ').Say::day($expectedOn)];
            }
        } elseif ($state === KitState::Needed && $leadDays > ($this->leads[$group][0] ?? 0)) {
            $this->leads[$group] = [$leadDays, $name.': '.Say::count($leadDays, 'day').' from the order'];
        }
    }

    /** @param  list<string>  $groups */
    public function release(array $groups): ?Release
    {
        $latest = null;
        foreach ($groups as $group) {
            $arrival = $this->arrivals[$group] ?? null;
            if ($arrival !== null && ($latest === null || $arrival[0] > $latest->instant)) {
                $latest = new Release(...$arrival);
            }
        }

        return $latest;
    }

    /**
     * The lead times of what is not ordered, behind the operation that orders it.
     *
     * @param  list<string>  $groups
     * @param  callable(string): ?string  $activity  the activity of an operation's key, null if it is over
     * @return array{list<Predecessor>, Release|null} a release instead where the ordering is over and the part still is not ordered
     */
    public function leads(array $groups, callable $activity): array
    {
        $predecessors = [];
        $release = null;
        foreach ($groups as $group) {
            if (! isset($this->leads[$group])) {
                continue;
            }
            [$days, $cause] = $this->leads[$group];
            $orderedBy = $activity(self::ORDERED_BY[$group] ?? 'parts.order');
            if ($orderedBy !== null) {
                $predecessors[] = new Predecessor($orderedBy, $days * 1440, $cause);
            } else {
                $instant = Minutes::ofDay("{$this->today} +{$days} days", $this->zone);
                $release = $release === null || $instant > $release->instant ? new Release($instant, "{$cause}, which is not placed yet") : $release;
            }
        }

        return [$predecessors, $release];
    }
}

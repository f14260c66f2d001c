<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;

/**
 * What a build's operations wait for from its kit, by the part they need. A part is planned on from the morning after
 * the day it is expected; one that is overdue, from where its supplier's usual delay ends; one that is not ordered yet,
 * from its lead time after the operation that orders it.
 */
final class KitWaits
{
    /** @var array<string, array{int, string}> latest arrival of what is ordered, by group */
    private array $arrivals = [];

    /** @var array<string, array{int, string}> longest lead time of what is not ordered, by group */
    private array $leads = [];

    public function __construct(
        private readonly string $today,
        private readonly \DateTimeZone $zone,
        private readonly UsualDelay $delay,
    ) {
    }

    public function add(
        PartGroup $group,
        string $name,
        KitState $state,
        ?string $expectedOn,
        int $leadDays,
        string $supplier = '',
    ): void {
        if ($state === KitState::Ordered && $expectedOn !== null) {
            [$day, $words] = $expectedOn < $this->today
                ? $this->overdue($expectedOn, $leadDays, $supplier)
                : [$expectedOn, 'expected '.Say::day($expectedOn)];
            $instant = Minutes::endOfDay($day, $this->zone) + 1;
            if ($instant > ($this->arrivals[$group->value][0] ?? 0)) {
                $this->arrivals[$group->value] = [$instant, "{$name}, {$words}"];
            }
        } elseif ($state === KitState::Needed && $leadDays > ($this->leads[$group->value][0] ?? 0)) {
            $this->leads[$group->value] = [$leadDays, $name.': '.Say::count($leadDays, 'day').' from the order'];
        }
    }

    /**
     * Late by the usual delay, or by as many of them as have passed already.
     *
     * @return array{string, string} the day, and why
     */
    private function overdue(string $expectedOn, int $leadDays, string $supplier): array
    {
        $delay = $this->delay->days($supplier, $leadDays);
        $late = (int) (new \DateTimeImmutable($expectedOn))->diff(new \DateTimeImmutable($this->today))->days;
        $times = max(1, (int) ceil($late / $delay));
        $day = (new \DateTimeImmutable($expectedOn))->modify('+'.$times * $delay.' days')->format('Y-m-d');

        return [
            $day,
            'overdue since '.Say::day($expectedOn).'; '.$this->delay->words($supplier, $leadDays)
                .', so that it is planned for '.Say::day($day),
        ];
    }

    /** @param  list<PartGroup>  $groups */
    public function release(array $groups): ?Release
    {
        $latest = null;
        foreach ($groups as $group) {
            $arrival = $this->arrivals[$group->value] ?? null;
            if ($arrival !== null && ($latest === null || $arrival[0] > $latest->instant)) {
                $latest = new Release(...$arrival);
            }
        }

        return $latest;
    }

    /**
     * The lead times of what is not ordered, behind the operation that orders it.
     *
     * @param  list<PartGroup>  $groups
     * @param  callable(string): ?int  $activity  the activity of an operation's key, null if it is over
     * @return array{list<Predecessor>, Release|null} a release instead where the ordering is over and the part still is
     *   not ordered
     */
    public function leads(array $groups, callable $activity): array
    {
        $predecessors = [];
        $release = null;
        foreach ($groups as $group) {
            if (! isset($this->leads[$group->value])) {
                continue;
            }
            [$days, $cause] = $this->leads[$group->value];
            $orderedBy = $activity(self::orderedBy($group));
            if ($orderedBy !== null) {
                $predecessors[] = new Predecessor($orderedBy, $days * 1440, $cause);
            } else {
                $instant = Minutes::ofDay("{$this->today} +{$days} days", $this->zone);
                $release = $release === null || $instant > $release->instant
                    ? new Release($instant, "{$cause}, which is not placed yet")
                    : $release;
            }
        }

        return [$predecessors, $release];
    }

    private static function orderedBy(PartGroup $group): string
    {
        $operation = Operations::ordering($group);

        return (string) ($operation ?? PreparationOperation::OrderParts)->value;
    }
}

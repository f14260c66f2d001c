<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Forecast\LeadTime;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;

/**
 * What a build's operations wait for from its kit, by the part they need. A part is planned on from the morning after
 * the day it is expected; one that is overdue, from when half of such orders have come that had not come by then (CALCULATIONS I5); one that is not ordered yet,
 * from its lead time after the operation that orders it.
 */
final class KitWaits
{
    /** @var array<string, list<Release>> what is ordered, by group */
    private array $arrivals = [];

    /** @var array<string, array<string, int>> lead times in days of what is not ordered, by group and by what it is waited for */
    private array $leads = [];

    /** @var array<string, Awaited> all that is to come, by the words in which it is waited for */
    private array $awaited = [];

    public function __construct(
        private readonly string $today,
        private readonly \DateTimeZone $zone,
        private readonly LeadTimes $times,
    ) {
    }

    public function add(
        PartGroup $group,
        string $name,
        KitState $state,
        ?string $expectedOn,
        int $leadDays,
        string $supplier = '',
        ?string $orderedOn = null,
    ): void {
        if ($state === KitState::Ordered && $expectedOn !== null) {
            [$day, $words] = $expectedOn < $this->today
                ? $this->overdue($expectedOn, $orderedOn, $leadDays, $supplier, $group)
                : [$expectedOn, 'expected '.Say::day($expectedOn)];
            $instant = Minutes::endOfDay($day, $this->zone) + 1;
            $from = min($orderedOn ?? $expectedOn, $this->today);
            $this->awaited["{$name}, {$words}"] = new Awaited(
                $this->times->of($supplier, $group, $leadDays), self::days($from, $day), self::days($from, $this->today), self::days($from, $expectedOn) / max(1, $leadDays),
            );
            $this->arrivals[$group->value][] = new Release($instant, "{$name}, {$words}");
        } elseif ($state === KitState::Needed && $leadDays > 0) {
            $time = $this->times->of($supplier, $group, $leadDays);
            $days = (int) ceil($time->median() - 1e-6);
            $cause = $name.': '.Say::count($days, 'day').' from the order';
            $this->awaited[$cause] = $this->awaited["{$cause}, which is not placed yet"] = new Awaited($time, $days);
            $this->leads[$group->value][$cause] = $days;
        }
    }

    /**
     * When it is likely now, given that it is not there yet: not tomorrow on every day (CALCULATIONS I5).
     *
     * @return array{string, string} the day, and why
     */
    private function overdue(string $expectedOn, ?string $orderedOn, int $leadDays, string $supplier, PartGroup $group): array
    {
        $time = $this->times->of($supplier, $group, $leadDays);
        $day = self::likely($time, $expectedOn, $orderedOn, $leadDays, $this->today);

        return [$day, 'overdue since '.Say::day($expectedOn).'; '.LeadTimes::words($supplier, $time).', so that it is likely on '.Say::day($day)];
    }

    /** The day on which half of such orders have come that had not come by today; tomorrow at the soonest. */
    public static function likely(LeadTime $time, string $expectedOn, ?string $orderedOn, int $leadDays, string $today): string
    {
        // What was entered only when it was late already was ordered before.
        $orderedOn = min($orderedOn ?? $expectedOn, self::later($expectedOn, -$leadDays));
        $passed = (new \DateTimeImmutable($orderedOn))->diff(new \DateTimeImmutable($today));

        return max(self::later($orderedOn, LeadTimes::wholeDays($time->expectedAfter($passed->invert === 1 ? 0.0 : (float) $passed->days))), self::later($today, 1));
    }

    /** @return array<string, Awaited> all that is to come, by the words in which it is waited for */
    public function awaited(): array
    {
        return $this->awaited;
    }

    public static function days(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->format('%r%a');
    }

    private static function later(string $day, int $days): string
    {
        return (new \DateTimeImmutable($day))->modify(($days < 0 ? '' : '+')."{$days} days")->format('Y-m-d');
    }

    /**
     * All that is ordered and has not come.
     *
     * @param  list<PartGroup>  $groups
     * @return list<Release>
     */
    public function releases(array $groups): array
    {
        return array_merge(...array_map(fn (PartGroup $group): array => $this->arrivals[$group->value] ?? [], $groups), ...[[]]);
    }

    /**
     * The lead times of what is not ordered, behind the operation that orders it: the longest of each kind.
     *
     * @param  list<PartGroup>  $groups
     * @param  callable(string): ?int  $activity  the activity of an operation's key, null if it is over
     * @return array{list<Predecessor>, list<Release>} releases instead where the ordering is over and the part still is
     *   not ordered
     */
    public function leads(array $groups, callable $activity): array
    {
        $predecessors = $releases = [];
        foreach ($groups as $group) {
            $leads = $this->leads[$group->value] ?? [];
            $orderedBy = $leads === [] ? null : $activity(self::orderedBy($group));
            if ($orderedBy !== null) {
                $days = max($leads);
                $predecessors[] = new Predecessor($orderedBy, $days * 1440, (string) array_search($days, $leads, true));

                continue;
            }
            foreach ($leads as $cause => $days) {
                $releases[] = new Release(Minutes::ofDay("{$this->today} +{$days} days", $this->zone), "{$cause}, which is not placed yet");
            }
        }

        return [$predecessors, $releases];
    }

    private static function orderedBy(PartGroup $group): string
    {
        $operation = Operations::ordering($group);

        return (string) ($operation ?? PreparationOperation::OrderParts)->value;
    }
}

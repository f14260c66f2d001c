<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\Assert;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;

/**
 * Judges a plan from the definition of the shop alone, by the instants at which anything changes; it shares nothing
 * with what made the plan. What is under way is excused from links and outages.
 */
final class ShopJudge
{
    private string $which = '';

    /** @var array<string, list<int>> */
    private array $skilled = [];

    /** @param  array<int, DrawnPerson>  $people */
    public function __construct(private readonly array $people, private readonly \DateTimeZone $zone)
    {
    }

    /**
     * @param  array<string, list<int>>  $skilled  people by skill
     * @param  array<string, array<int, list<array{int, int}>>>  $open  hours of their own, by resource and weekday
     */
    public function judge(Problem $problem, Plan $plan, string $which, array $skilled = [], array $open = []): void
    {
        $this->skilled = $skilled;
        Assert::assertCount(count($problem->activities), $plan->assignments, $which);
        $uses = $busy = [];
        foreach ($plan->assignments as $id => $one) {
            $this->which = "{$which}, {$id}";
            $activity = $problem->activities[$id];
            Assert::assertGreaterThanOrEqual($problem->now, $one->start, $this->which);
            Assert::assertSame(
                [0, 0, 0], [$one->start % 5, $one->workEnd % 5, $one->finish % 5],
                "{$this->which}: on five-minute marks",
            );
            Assert::assertSame($activity->hold, $one->finish - self::leftAloneAt($one), $this->which);
            $this->judgeRun($activity, $one, $open);
            $this->judgeHelp($activity, $one);
            $this->judgeLabour($problem, $activity, $one);
            if (! $activity->isUnderWay()) {
                $this->judgeStart($plan, $activity, $one);
                $this->judgeOutages($problem, $activity, $one);
            }
            $this->judgeSetUp($problem, $plan, $activity, $one);
            foreach ($activity->demands as $demand) {
                if (isset($open[$demand->resource]) && $activity->work > 0 && ! $activity->isUnderWay()) {
                    $this->judgeOpen($one, $open[$demand->resource]);
                }
            }
            foreach (self::sittings($one) as [$from, $to]) {
                $busy[$one->worker][] = [$from, $to, 1];
            }
            if ($one->helper !== null) {
                $busy[$one->helper][] = [(int) $one->helpsFrom, $one->workEnd, 1];
            }
            foreach ($activity->demands as $demand) {
                foreach ($this->taken($activity, $one, $demand) as [$from, $to]) {
                    $uses[$demand->resource][] = [$from, $to, $demand->quantity];
                }
            }
        }
        foreach ($uses as $resource => $stretches) {
            Assert::assertLessThanOrEqual(
                $problem->capacities[$resource], self::most($stretches), "{$which}: {$resource}",
            );
        }
        foreach (array_filter(
            $busy, static fn (int|string $person): bool => $person !== '', ARRAY_FILTER_USE_KEY,
        ) as $person => $stretches) {
            // Over a night a person may do something short that lies inside a longer one's break: minutes are counted,
            // not stretches.
            $work = array_sum(
                array_map(fn (array $one): int => $this->worked((int) $person, $one[0], $one[1]), $stretches),
            );
            Assert::assertSame($work, $this->workedInAny((int) $person, $stretches), "{$which}: one thing at a time");
        }
    }

    private function judgeLabour(Problem $problem, Activity $activity, Assignment $one): void
    {
        $sanding = 0;
        foreach ($one->missed as $window) {
            $sanding += $window->sanding;
        }
        $estimated = $activity->work + $sanding - ($one->sharesSetUpOf === null ? 0 : $activity->setUp->minutes ?? 0);
        if ($estimated === 0) {
            Assert::assertSame($one->start, $one->workEnd, $this->which);

            return;
        }
        $person = $this->people[(int) $one->worker];
        Assert::assertSame(
            $person->minutes($activity->skill, $estimated), $one->work - $this->setUpAgain($activity, $one),
            "{$this->which}: at the person’s speed",
        );
        $minutes = array_map(
            fn (array $sitting): int => $this->worked((int) $one->worker, ...$sitting),
            self::sittings($one),
        );
        Assert::assertSame($one->work, array_sum($minutes), "{$this->which}: labour in working minutes");
        $this->judgeSittings($activity, $one, $minutes);
        Assert::assertTrue($activity->worker === null || $activity->worker === $one->worker, "{$this->which}: kept");
        // In the shops drawn at random the first can do everything, the others the one skill.
        $able = $this->skilled[(string) $activity->skill]
            ?? array_filter(
                array_keys($this->people), static fn (int $id): bool => $id === 1 || $activity->skill === 'a',
            );
        Assert::assertContains($one->worker, $activity->isUnderWay() ? [1] : $able, "{$this->which}: skilled");
        $this->judgeSitting($activity, $one, $able, $estimated);
        $pinned = $activity->pin?->worker;
        Assert::assertTrue(
            $pinned === null || $activity->worker !== null || ! in_array($pinned, $able, true)
                || $one->worker === $pinned,
            "{$this->which}: pinned to a person",
        );
    }

    /** When nobody and no machine works on it any more. */
    private static function leftAloneAt(Assignment $one): int
    {
        return $one->runsUntil ?? $one->workEnd;
    }

    /**
     * A machine runs by itself for as long as is said, in the hours of whoever set it going and those that it has itself.
     *
     * @param  array<string, array<int, list<array{int, int}>>>  $open
     */
    private function judgeRun(Activity $activity, Assignment $one, array $open): void
    {
        $runs = 0;
        foreach ($one->runsUntil === null ? [] : $this->people[(int) $one->worker]->stretches($one->workEnd, $one->runsUntil, $this->zone) as [$from, $to]) {
            [$from, $to] = [max($from, $one->workEnd), min($to, $one->runsUntil)];
            $runs += $to <= $from ? 0 : self::within($from, $to, $this->openAt($activity, $from, $open));
        }
        Assert::assertSame(5 * (int) ceil($activity->alone / 5), $runs, "{$this->which}: the machine’s time");
    }

    /**
     * When what it is worked at is open on the day of an instant; all the time where it has no hours of its own.
     *
     * @param  array<string, array<int, list<array{int, int}>>>  $open
     * @return list<array{int, int}>
     */
    private function openAt(Activity $activity, int $instant, array $open): array
    {
        $day = (new \DateTimeImmutable('@'.$instant * 60))->setTimezone($this->zone);
        foreach ($activity->demands as $demand) {
            if (isset($open[$demand->resource])) {
                return array_map(
                    static fn (array $hours): array => array_map(
                        static fn (int $minute): int => intdiv($day->setTime(intdiv($minute, 60), $minute % 60)->getTimestamp(), 60),
                        $hours,
                    ),
                    $open[$demand->resource][(int) $day->format('N')] ?? [],
                );
            }
        }

        return [[PHP_INT_MIN, PHP_INT_MAX]];
    }

    /** @param  list<array{int, int}>  $stretches */
    private static function within(int $from, int $to, array $stretches): int
    {
        return array_sum(array_map(
            static fn (array $one): int => max(0, min($to, $one[1]) - max($from, $one[0])), $stretches,
        ));
    }

    /** Two people, both of them in the shop and neither at a break, for the last minutes of the labour. */
    private function judgeHelp(Activity $activity, Assignment $one): void
    {
        if ($activity->hands === 0 || count($this->people) === 1) {
            Assert::assertNull($one->helper, "{$this->which}: nobody has to help");

            return;
        }
        if ($one->helper === null) {
            Assert::assertTrue($activity->isUnderWay(), "{$this->which}: somebody helps");

            return;
        }
        $helped = $one->workEnd - $one->helpsFrom;
        Assert::assertNotSame($one->worker, $one->helper, "{$this->which}: somebody else helps");
        Assert::assertSame(
            [min(5 * (int) ceil($activity->hands / 5), $one->work), $helped, $helped],
            [
                $helped,
                $this->worked((int) $one->worker, (int) $one->helpsFrom, $one->workEnd),
                $this->worked($one->helper, (int) $one->helpsFrom, $one->workEnd),
            ],
            "{$this->which}: both are there",
        );
    }

    /**
     * What is taken up again: nothing that has to be done in one go or is under way, in order, half an hour at least.
     *
     * @param  list<int>  $minutes  of each sitting
     */
    private function judgeSittings(Activity $activity, Assignment $one, array $minutes): void
    {
        if ($one->sittings === []) {
            return;
        }
        Assert::assertFalse($activity->oneSitting || $activity->isUnderWay(), "{$this->which}: may be taken up again");
        Assert::assertGreaterThanOrEqual(30, min($minutes), "{$this->which}: sittings of half an hour");
        $flat = array_merge(...$one->sittings);
        $sorted = $flat;
        sort($sorted);
        Assert::assertSame($sorted, $flat, "{$this->which}: one sitting after the other");
        Assert::assertSame([$one->start, $one->workEnd], [$flat[0], $flat[count($flat) - 1]], $this->which);
    }

    /** @return non-empty-list<array{int, int}> */
    private static function sittings(Assignment $one): array
    {
        return $one->sittings === [] ? [[$one->start, $one->workEnd]] : $one->sittings;
    }

    /** Minutes in which a station was set up once more because it had been given up between the sittings. */
    private function setUpAgain(Activity $activity, Assignment $one): int
    {
        $setUp = $activity->setUp->minutes ?? 0;
        if ($setUp === 0 || $one->sittings === [] || ! $this->givesUp($activity, $one)) {
            return 0;
        }

        return (count($one->sittings) - 1) * $this->people[(int) $one->worker]->minutes($activity->skill, $setUp);
    }

    /** With its set-up left out it would be over sooner: then it was set up again each time. */
    private function givesUp(Activity $activity, Assignment $one): bool
    {
        $sanding = array_sum(array_map(static fn (Window $window): int => $window->sanding, $one->missed));

        return $one->work > $this->people[(int) $one->worker]->minutes($activity->skill, $activity->work + $sanding);
    }

    /**
     * When a resource is taken: what is held through the hold from the first sitting on; a station while it is worked at,
     * and between the sittings where it was not given up.
     *
     * @return list<array{int, int}>
     */
    private function taken(Activity $activity, Assignment $one, Demand $demand): array
    {
        if ($demand->throughHold) {
            return [[$one->start, $one->finish]];
        }
        $isKept = $one->sittings !== []
            && ($activity->setUp->minutes ?? 0) > 0
            && ! $this->givesUp($activity, $one);

        $taken = $isKept ? [[$one->start, $one->workEnd]] : self::sittings($one);
        $taken[count($taken) - 1][1] = self::leftAloneAt($one);

        return $taken;
    }

    /**
     * What has to be done in one sitting lies in one stretch wherever anybody who may do it has one that is long
     * enough.
     *
     * @param  array<int, int>  $able
     */
    private function judgeSitting(Activity $activity, Assignment $one, array $able, int $estimated): void
    {
        if (! $activity->oneSitting || $activity->isUnderWay()) {
            return;
        }
        $settled = $activity->worker ?? (
            in_array($activity->pin?->worker, $able, true)
                ? $activity->pin?->worker
                : (in_array($activity->announced?->worker, $able, true) ? $activity->announced?->worker : null)
        );
        $longEnough = array_filter(
            $settled === null ? $able : [$settled],
            fn (int $id): bool => $this->people[$id]->longest() >= $this->people[$id]->minutes(
                $activity->skill, $estimated,
            ),
        );
        if ($longEnough !== []) {
            Assert::assertSame($one->work, $one->workEnd - $one->start, "{$this->which}: in one sitting");
        }
    }

    private function judgeStart(Plan $plan, Activity $activity, Assignment $one): void
    {
        Assert::assertGreaterThanOrEqual(
            max($activity->release->instant ?? 0, $activity->pin->from ?? 0, $activity->announced->start ?? 0),
            $one->start,
            "{$this->which}: released, pinned to a day, told",
        );
        foreach ($activity->predecessors as $before) {
            Assert::assertGreaterThanOrEqual(
                $plan->assignments[$before->activity]->finish + $before->lag, $one->start, "{$this->which}: linked",
            );
        }
        $after = $activity->pin?->after === null ? null : ($plan->assignments[$activity->pin->after] ?? null);
        Assert::assertGreaterThanOrEqual($after->workEnd ?? 0, $one->start, "{$this->which}: pinned behind another");
        foreach ($activity->windows as $window) {
            $closes = $plan->assignments[(string) $window->after]->workEnd + $window->minutes;
            Assert::assertSame(
                $one->start > $closes, in_array($window, $one->missed, true),
                "{$this->which}: the window is kept or told as missed",
            );
        }
    }

    private function judgeOutages(Problem $problem, Activity $activity, Assignment $one): void
    {
        foreach ($activity->demands as $demand) {
            foreach ($this->taken($activity, $one, $demand) as [$from, $until]) {
                foreach ($problem->outages as $outage) {
                    $apart = $outage->resource !== $demand->resource || $until <= $from || $until <= $outage->from
                        || $from >= $outage->to;
                    Assert::assertTrue($apart, "{$this->which}: used while it is down");
                }
            }
        }
    }

    /**
     * Labour at what has hours of its own lies in them.
     *
     * @param  array<int, list<array{int, int}>>  $week
     */
    private function judgeOpen(Assignment $one, array $week): void
    {
        foreach (self::sittings($one) as [$from, $to]) {
            foreach ($this->people[(int) $one->worker]->stretches($from, $to, $this->zone) as [$begin, $end]) {
                [$begin, $end] = [max($begin, $from), min($end, $to)];
                if ($end <= $begin) {
                    continue;
                }
                $at = (new \DateTimeImmutable('@'.$begin * 60))->setTimezone($this->zone);
                $lies = array_filter($week[(int) $at->format('N')] ?? [], static fn (array $hours): bool => $begin >= intdiv(
                    $at->setTime(intdiv($hours[0], 60), $hours[0] % 60)->getTimestamp(), 60,
                ) && $end <= intdiv($at->setTime(intdiv($hours[1], 60), $hours[1] % 60)->getTimestamp(), 60));
                Assert::assertNotSame([], $lies, "{$this->which}: while it is open");
            }
        }
    }

    /** The station stands as it was set, from the one whose set-up is shared until this one begins. */
    private function judgeSetUp(Problem $problem, Plan $plan, Activity $activity, Assignment $one): void
    {
        if ($one->sharesSetUpOf === null) {
            return;
        }
        $station = self::station($activity);
        $before = $problem->activities[$one->sharesSetUpOf];
        $since = self::leftAloneAt($plan->assignments[$one->sharesSetUpOf]);
        Assert::assertSame(
            [$activity->setUp?->key, $station], [$before->setUp?->key, self::station($before)],
            "{$this->which}: the same set-up",
        );
        Assert::assertGreaterThanOrEqual($since, $one->start, "{$this->which}: after it");
        foreach ($plan->assignments as $id => $other) {
            if (self::station($problem->activities[$id]) !== $station) {
                continue;
            }
            foreach ($this->taken($problem->activities[$id], $other, new Demand((string) $station)) as [$from, $to]) {
                $between = $from < $one->start && $to > $since && $to > $from;
                Assert::assertFalse($between, "{$this->which}: nothing else on the station in between");
            }
        }
    }

    private static function station(Activity $activity): ?string
    {
        foreach ($activity->demands as $demand) {
            if (! $demand->throughHold) {
                return $demand->resource;
            }
        }

        return null;
    }

    /** @param  list<array{int, int, int}>  $stretches */
    private static function most(array $stretches): int
    {
        $most = 0;
        foreach ($stretches as [$at, $until]) {
            $taken = 0;
            foreach ($stretches as [$from, $to, $quantity]) {
                $taken += $until > $at && $from <= $at && $at < $to ? $quantity : 0;
            }
            $most = max($most, $taken);
        }

        return $most;
    }

    /** Working minutes of a person between two instants, day by day in their zone. */
    private function worked(int $person, int $from, int $to): int
    {
        $minutes = 0;
        foreach ($this->people[$person]->stretches($from, $to, $this->zone) as [$begin, $end]) {
            $minutes += max(0, min($to, $end) - max($from, $begin));
        }

        return $minutes;
    }

    /** @param  list<array{int, int, int}>  $stretches */
    private function workedInAny(int $person, array $stretches): int
    {
        sort($stretches);
        $sum = 0;
        $until = 0;
        foreach ($stretches as [$from, $to]) {
            $sum += $this->worked($person, max($from, $until), max($to, $until));
            $until = max($until, $to);
        }

        return $sum;
    }
}

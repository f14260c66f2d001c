<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

/** A person of a shop drawn at random, as the test knows them: apart from what the planner made of it. */
final readonly class DrawnPerson
{
    /**
     * @param  array<int, list<array{int, int}>>  $week
     * @param  list<string>  $off
     * @param  array{}|array{string, int, int}  $away  a part of a day
     * @param  array<string, int>  $speeds
     */
    public function __construct(
        public array $week,
        public array $off,
        public array $away = [],
        public array $speeds = [],
    ) {
    }

    /** @return iterable<array{int, int}> the stretches of working time around [from, to), as instants */
    public function stretches(int $from, int $to, \DateTimeZone $zone): iterable
    {
        $day = (new \DateTimeImmutable('@'.$from * 60))->setTimezone($zone)->setTime(0, 0);
        for (; intdiv($day->getTimestamp(), 60) < $to; $day = $day->modify('+1 day')->setTime(0, 0)) {
            $date = $day->format('Y-m-d');
            foreach (in_array($date, $this->off, true) ? [] : $this->week[(int) $day->format('N')] as [$begin, $end]) {
                $parts = $this->away !== [] && $this->away[0] === $date
                    ? [[$begin, min($end, $this->away[1])], [max($begin, $this->away[2]), $end]]
                    : [[$begin, $end]];
                foreach ($parts as [$left, $right]) {
                    if ($right > $left) {
                        yield [
                            intdiv($day->setTime(intdiv($left, 60), $left % 60)->getTimestamp(), 60),
                            intdiv($day->setTime(intdiv($right, 60), $right % 60)->getTimestamp(), 60),
                        ];
                    }
                }
            }
        }
    }

    /** Their longest stretch of a usual week, in minutes. */
    public function longest(): int
    {
        return max(
            array_map(
                static fn (array $stretch): int => $stretch[1] - $stretch[0], array_merge(...array_values($this->week)),
            ),
        );
    }

    /** The next five-minute mark at or after what it takes at the person's speed. */
    public function minutes(?string $skill, int $estimated): int
    {
        return 5 * (int) ceil(round($estimated * 100 / ($this->speeds[$skill] ?? 100), 6) / 5);
    }
}

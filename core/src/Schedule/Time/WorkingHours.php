<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

/** The hours of a week and the days without work, in a time zone. */
final readonly class WorkingHours
{
    private const WEEKS_AHEAD = 209;

    /**
     * @param  array<int, list<array{int, int}>>  $week  ISO weekday (1 is Monday) => stretches [from,
     *   to) in minutes after midnight, in order
     * @param  array<string, true>  $closed  days without work, as YYYY-MM-DD
     * @param  array<string, list<array{int, int}>>  $special  days with other hours than their weekday's
     */
    private function __construct(
        public array $week,
        public array $closed,
        public \DateTimeZone $zone,
        public array $special = [],
    ) {
    }

    /**
     * @param  array<int, list<array{int, int}>>  $week
     * @param  iterable<string>  $closed
     *
     * @throws \InvalidArgumentException for a weekday outside 1–7 or stretches that overlap or leave the day
     */
    public static function of(array $week, iterable $closed, \DateTimeZone $zone): self
    {
        foreach ($week as $day => $stretches) {
            $last = 0;
            foreach ($stretches as [$from, $to]) {
                if ($day < 1 || $day > 7 || $from < $last || $to <= $from || $to > 1440) {
                    throw new \InvalidArgumentException(
                        'Working hours run forward within one day, without overlap, on weekdays 1 to 7.',
                    );
                }
                $last = $to;
            }
        }
        $days = [];
        foreach ($closed as $day) {
            $days[$day] = true;
        }

        return new self($week, $days, $zone);
    }

    /** @param  iterable<string>  $days  further days without work */
    public function without(iterable $days): self
    {
        return new self(
            $this->week,
            self::of($this->week, [...array_keys($this->closed), ...$days], $this->zone)->closed,
            $this->zone,
            $this->special,
        );
    }

    /**
     * Without a part of a day: an afternoon off, an errand.
     *
     * @param  int  $from  minutes after midnight
     */
    public function away(string $date, int $from, int $to): self
    {
        $left = [];
        foreach ($this->on($date) as [$begin, $end]) {
            array_push(
                $left,
                ...array_filter(
                    [[$begin, min($end, $from)], [max($begin, $to), $end]],
                    static fn (array $stretch): bool => $stretch[1] > $stretch[0],
                ),
            );
        }

        return isset($this->closed[$date])
            ? $this
            : new self($this->week, $this->closed, $this->zone, [...$this->special, $date => $left]);
    }

    /** With so many minutes more at the end of the day, at most until midnight; a day without work stays one. */
    public function longer(string $date, int $minutes): self
    {
        $stretches = $this->on($date);

        return $stretches === [] ? $this : new self(
            $this->week, $this->closed, $this->zone,
            [...$this->special, $date => self::lengthened($stretches, $minutes)],
        );
    }

    /**
     * Only in every second week, for four years from an instant on.
     *
     * @param  string  $from  a day of a week that counts
     * @param  int  $first  the earliest instant that will be asked for
     */
    public function everySecondWeek(string $from, int $first): self
    {
        $counts = (new \DateTimeImmutable($from, new \DateTimeZone('UTC')))->modify('monday this week');
        $day = (new \DateTimeImmutable('@'.$first * 60))->setTimezone($this->zone);
        $day = new \DateTimeImmutable($day->modify('-1 day')->format('Y-m-d'), new \DateTimeZone('UTC'));
        $closed = [];
        for ($ahead = 0; $ahead < self::WEEKS_AHEAD * 7; $ahead++) {
            $days = (int) $counts->diff($day)->format('%r%a');
            if (intdiv($days - ($days < 0 ? 6 : 0), 7) % 2 !== 0) {
                $closed[] = $day->format('Y-m-d');
            }
            $day = $day->modify('+1 day');
        }

        return $this->without($closed);
    }

    /** With so many minutes more at the end of every working day. */
    public function longerEveryDay(int $minutes): self
    {
        $week = [];
        foreach ($this->week as $day => $stretches) {
            $week[$day] = self::lengthened($stretches, $minutes);
        }
        $special = array_map(
            static fn (array $stretches): array => self::lengthened($stretches, $minutes),
            $this->special,
        );

        return new self($week, $this->closed, $this->zone, $special);
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    private static function lengthened(array $stretches, int $minutes): array
    {
        if ($stretches !== []) {
            $last = count($stretches) - 1;
            $stretches[$last][1] = min(1_440, $stretches[$last][1] + $minutes);
        }

        return $stretches;
    }

    public function minutesInAWeek(): int
    {
        $sum = 0;
        foreach ($this->week as $stretches) {
            foreach ($stretches as [$from, $to]) {
                $sum += $to - $from;
            }
        }

        return $sum;
    }

    /** @return list<array{int, int}> the stretches of a day */
    public function on(string $date): array
    {
        if (isset($this->closed[$date])) {
            return [];
        }

        return $this->special[$date] ?? $this->week[(int) (new \DateTimeImmutable($date, $this->zone))->format('N')]
            ?? [];
    }
}

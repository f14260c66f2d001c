<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use Regimen\Units\UnreadableFile;

/**
 * The days of a rule from its first one on, month by month. Days are counted from 1 January 1970.
 */
final class RuleDays
{
    private const DAY_SECONDS = 86_400;

    /** @var list<int> weekdays and days that are not written and follow from the first one */
    private array $monthDays;

    /** @var list<int> */
    private array $months;

    /** @var list<array{int, int}> */
    private array $weekdays;

    private function __construct(private readonly DayRule $rule, private readonly int $first, private int $left)
    {
        [$year, $month, $day] = self::date($first);
        $this->months = $rule->numbers['BYMONTH'] ?? [];
        $this->monthDays = $rule->numbers['BYMONTHDAY'] ?? [];
        $this->weekdays = $rule->weekdays;
        $isOpen = $this->monthDays === [] && $this->weekdays === [] && ! isset($rule->numbers['BYYEARDAY']);
        if ($isOpen && $rule->frequency === Frequency::Weekly || $isOpen && isset($rule->numbers['BYWEEKNO'])) {
            $this->weekdays = [[0, self::weekday($first)]];
        } elseif ($isOpen && in_array($rule->frequency, [Frequency::Monthly, Frequency::Yearly], true)) {
            $this->monthDays = [$day];
            if ($rule->frequency === Frequency::Yearly && $this->months === []) {
                $this->months = [$month];
            }
        }
    }

    /**
     * @param  string  $first  YYYY-MM-DD; it is always one of them (RFC 5545, section 3.8.5.3)
     * @param  string  $from  the first day that is wanted
     * @param  string  $to  the last
     * @param  int  $left  how many days may still be looked at; what was looked at is taken off
     * @return list<string> in order
     *
     * @throws UnreadableFile when there are too many to look at
     */
    public static function of(DayRule $rule, string $first, string $from, string $to, int &$left): array
    {
        $days = new self($rule, self::number($first), $left);
        $last = min(self::number($to), $rule->until === null ? PHP_INT_MAX : self::number($rule->until));
        // Those that are counted, or chosen from all of a period, are gone through from the first one.
        $begin = $rule->count !== null || isset($rule->numbers['BYSETPOS']) ? $days->first : max($days->first, self::number($from));
        $found = $days->between($begin, $last);
        $left = $days->left;
        if ($days->first <= $last && ! in_array($days->first, $found, true)) {
            array_unshift($found, $days->first);
        }

        return array_values(array_filter(
            array_map(static fn (int $day): string => gmdate('Y-m-d', $day * self::DAY_SECONDS), array_slice($found, 0, $rule->count)),
            static fn (string $day): bool => $day >= $from && $day <= $to,
        ));
    }

    /** @return list<int> */
    private function between(int $begin, int $last): array
    {
        $found = [];
        [$year, $month] = self::date($begin);
        // A week, or a year by its weeks, may have begun in the month before; a set is chosen from a whole period.
        $sets = isset($this->rule->numbers['BYSETPOS']);
        [$year, $month] = $sets ? ($this->rule->frequency === Frequency::Yearly ? [$year, 1] : [$month === 1 ? $year - 1 : $year, $month === 1 ? 12 : $month - 1]) : [$year, $month];
        for ($start = self::day($year, $month, 1); $start <= $last + ($sets ? 366 : 0); $start = self::day($year, $month, 1)) {
            foreach ($this->ofMonth($year, $month) as $day) {
                if ($sets || ($day >= $begin && $day <= $last)) {
                    $found[$sets ? $this->period($day) : 0][] = $day;
                }
            }
            [$year, $month] = $month === 12 ? [$year + 1, 1] : [$year, $month + 1];
        }
        $chosen = array_merge(...array_map(fn (array $days): array => $sets ? $this->chosen($days) : $days, array_values($found)));

        return array_values(array_filter($chosen, fn (int $day): bool => $day >= max($begin, $this->first) && $day <= $last));
    }

    /** @return list<int> */
    private function ofMonth(int $year, int $month): array
    {
        $this->left--;
        [$firstYear, $firstMonth] = self::date($this->first);
        $isOut = match ($this->rule->frequency) {
            Frequency::Yearly => ! isset($this->rule->numbers['BYWEEKNO']) && ($year - $firstYear) % $this->rule->interval !== 0,
            Frequency::Monthly => (12 * ($year - $firstYear) + $month - $firstMonth) % $this->rule->interval !== 0,
            default => false,
        };
        if ($isOut || ($this->months !== [] && ! in_array($month, $this->months, true))) {
            return [];
        }
        $length = (int) gmdate('t', self::day($year, $month, 1) * self::DAY_SECONDS);
        $days = $this->monthDays === []
            ? range(1, $length)
            : array_unique(array_map(static fn (int $day): int => $day < 0 ? $length + 1 + $day : $day, $this->monthDays));
        sort($days);
        $this->left -= count($days);
        if ($this->left < 0) {
            throw UnreadableFile::because('The file repeats its days more often than can be gone through; a holiday calendar does not.');
        }

        return array_values(array_filter(
            array_map(static fn (int $day): int => self::day($year, $month, $day), array_filter($days, static fn (int $day): bool => $day >= 1 && $day <= $length)),
            $this->isOne(...),
        ));
    }

    private function isOne(int $day): bool
    {
        [$year, $month, $ofMonth] = self::date($day);
        $interval = $this->rule->interval;
        $weeks = $this->rule->numbers['BYWEEKNO'] ?? [];
        $ofYear = $this->rule->numbers['BYYEARDAY'] ?? [];
        if ($weeks !== []) {
            [$weekYear, $week, $weeksOfYear] = $this->week($day);
            if (! in_array($week, $weeks, true) && ! in_array($week - $weeksOfYear - 1, $weeks, true) || ($weekYear - self::date($this->first)[0]) % $interval !== 0) {
                return false;
            }
        }
        if ($ofYear !== []) {
            $number = $day - self::day($year, 1, 1) + 1;
            $length = self::day($year + 1, 1, 1) - self::day($year, 1, 1);
            if (! in_array($number, $ofYear, true) && ! in_array($number - $length - 1, $ofYear, true)) {
                return false;
            }
        }

        return match ($this->rule->frequency) {
            Frequency::Daily => ($day - $this->first) % $interval === 0,
            Frequency::Weekly => intdiv($this->weekBegin($day) - $this->weekBegin($this->first), 7) % $interval === 0,
            default => true,
        } && ($this->weekdays === [] || $this->isOnWeekday($day, $year, $month));
    }

    private function isOnWeekday(int $day, int $year, int $month): bool
    {
        // The how manieth counts within the month, or within the year where no month is named.
        $byYear = $this->rule->frequency === Frequency::Yearly && $this->months === [];
        $begin = $byYear ? self::day($year, 1, 1) : self::day($year, $month, 1);
        $end = $byYear ? self::day($year + 1, 1, 1) : ($month === 12 ? self::day($year + 1, 1, 1) : self::day($year, $month + 1, 1));
        foreach ($this->weekdays as [$nth, $weekday]) {
            $isNth = $nth === 0 || ($nth > 0 ? intdiv($day - $begin, 7) + 1 === $nth : intdiv($end - 1 - $day, 7) + 1 === -$nth);
            if ($weekday === self::weekday($day) && $isNth) {
                return true;
            }
        }

        return false;
    }

    /** What a set is chosen from, told apart. */
    private function period(int $day): int
    {
        [$year, $month] = self::date($day);

        return match ($this->rule->frequency) {
            Frequency::Yearly => $year,
            Frequency::Monthly => 12 * $year + $month,
            Frequency::Weekly => $this->weekBegin($day),
            Frequency::Daily => $day,
        };
    }

    /**
     * @param  list<int>  $days  of a period
     * @return list<int>
     */
    private function chosen(array $days): array
    {
        $chosen = [];
        foreach ($this->rule->numbers['BYSETPOS'] ?? [] as $position) {
            $day = $days[$position > 0 ? $position - 1 : count($days) + $position] ?? null;
            if ($day !== null) {
                $chosen[] = $day;
            }
        }
        $chosen = array_unique($chosen);
        sort($chosen);

        return $chosen;
    }

    /** @return array{int, int, int} the year it counts for, its number, and how many that year has: the first has four days at least */
    private function week(int $day): array
    {
        $begin = $this->weekBegin($day);
        $year = self::date($begin + 3)[0];
        $first = $this->weekBegin(self::day($year, 1, 4));

        return [$year, intdiv($begin - $first, 7) + 1, intdiv($this->weekBegin(self::day($year + 1, 1, 4)) - $first, 7)];
    }

    private function weekBegin(int $day): int
    {
        return $day - (self::weekday($day) - $this->rule->weekStart + 7) % 7;
    }

    /** 1 for Monday: 1 January 1970 was a Thursday. */
    private static function weekday(int $day): int
    {
        return (($day + 3) % 7 + 7) % 7 + 1;
    }

    /** @return array{int, int, int} */
    private static function date(int $day): array
    {
        [$year, $month, $ofMonth] = explode('-', gmdate('Y-n-j', $day * self::DAY_SECONDS));

        return [(int) $year, (int) $month, (int) $ofMonth];
    }

    private static function day(int $year, int $month, int $ofMonth): int
    {
        return intdiv((int) gmmktime(0, 0, 0, $month, $ofMonth, $year), self::DAY_SECONDS);
    }

    private static function number(string $date): int
    {
        [$year, $month, $ofMonth] = array_map(intval(...), explode('-', $date));

        return self::day($year, $month, $ofMonth);
    }
}

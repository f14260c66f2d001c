<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use InvalidArgumentException;

/**
 * On which days something comes again: RFC 5545, section 3.3.10, for whole days. What repeats more often than daily, what is
 * written wrongly and what can never be is refused when it is read.
 */
final readonly class DayRule
{
    private const WEEKDAYS = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];

    private const LONGEST = [1 => 31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** Parts of whole numbers: the least and the greatest amount, and whether it may be counted from the end. */
    private const NUMBERS = [
        'BYMONTH' => [1, 12, false], 'BYMONTHDAY' => [1, 31, true], 'BYYEARDAY' => [1, 366, true], 'BYWEEKNO' => [1, 53, true],
        'BYSETPOS' => [1, 366, true],
    ];

    /**
     * @param  array<string, list<int>>  $numbers  by part, as in NUMBERS
     * @param  list<array{int, int}>  $weekdays  how manieth, 0 for each, and the weekday, 1 for Monday
     * @param  int  $interval  periods from one to the next
     * @param  int  $weekStart  1 for Monday
     */
    private function __construct(
        public Frequency $frequency,
        public array $numbers,
        public array $weekdays,
        public int $interval,
        public ?int $count,
        public ?string $until,
        public int $weekStart,
    ) {
    }

    /** @throws InvalidArgumentException with what is wrong about it, to follow a name */
    public static function read(string $text): self
    {
        $parts = [];
        foreach (explode(';', strtoupper(trim($text, "; \r\n"))) as $part) {
            [$name, $value] = [...explode('=', $part, 2), ''];
            if (isset($parts[$name]) || $value === '') {
                throw new InvalidArgumentException("has a repetition that cannot be read at “{$part}”");
            }
            $parts[$name] = $value;
        }
        $frequency = Frequency::tryFrom($parts['FREQ'] ?? '')
            ?? throw new InvalidArgumentException('comes again other than daily, weekly, monthly or yearly; closed days are whole days');
        if (isset($parts['COUNT'], $parts['UNTIL'])) {
            throw new InvalidArgumentException('ends by a number and by a day; it may have one of them');
        }
        $numbers = [];
        foreach (array_intersect_key(self::NUMBERS, $parts) as $name => [$least, $most, $signed]) {
            $numbers[$name] = array_map(
                static fn (string $one): int => self::number($name, $one, $least, $most, $signed), explode(',', $parts[$name]),
            );
        }
        $rule = new self(
            $frequency, $numbers, array_map(self::weekday(...), isset($parts['BYDAY']) ? explode(',', $parts['BYDAY']) : []),
            self::number('INTERVAL', $parts['INTERVAL'] ?? '1', 1, 1_000, false),
            isset($parts['COUNT']) ? self::number('COUNT', $parts['COUNT'], 1, 10_000, false) : null,
            isset($parts['UNTIL']) ? self::until($parts['UNTIL']) : null,
            self::WEEKDAYS[$parts['WKST'] ?? 'MO'] ?? throw new InvalidArgumentException('has a week that begins on no weekday'),
        );
        $known = [...array_keys(self::NUMBERS), 'FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'WKST', 'BYDAY'];
        foreach (array_diff(array_keys($parts), $known) as $unknown) {
            throw new InvalidArgumentException("has “{$unknown}” in its repetition, which whole days do not have");
        }
        $rule->mustBePossible();

        return $rule;
    }

    private static function number(string $name, string $typed, int $least, int $most, bool $signed): int
    {
        $number = preg_match($signed ? '/^[+-]?\d{1,5}$/' : '/^\d{1,5}$/', $typed) === 1 ? (int) $typed : 0;

        return abs($number) >= $least && abs($number) <= $most
            ? $number
            : throw new InvalidArgumentException("has {$name}={$typed}; it runs from {$least} to {$most}");
    }

    /** @return array{int, int} */
    private static function weekday(string $typed): array
    {
        return preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/', $typed, $found) === 1 && abs((int) $found[1]) <= 53
            ? [(int) $found[1], self::WEEKDAYS[$found[2]]]
            : throw new InvalidArgumentException("comes again on “{$typed}”, which is no weekday");
    }

    private static function until(string $typed): string
    {
        return preg_match('/^(\d{4})(\d\d)(\d\d)(T\d{6}Z?)?$/', $typed, $found) === 1 && checkdate((int) $found[2], (int) $found[3], (int) $found[1])
            ? "{$found[1]}-{$found[2]}-{$found[3]}"
            : throw new InvalidArgumentException("comes again until “{$typed}”, which is no day");
    }

    /** A day that no month has, or a part that its frequency does not know, would be looked for in vain for ever. */
    private function mustBePossible(): void
    {
        $days = $this->numbers['BYMONTHDAY'] ?? [];
        $months = $this->numbers['BYMONTH'] ?? array_keys(self::LONGEST);
        $longest = max(0, ...array_map(static fn (int $month): int => self::LONGEST[$month], $months));
        if ($days !== [] && min(array_map(abs(...), $days)) > $longest) {
            throw new InvalidArgumentException('comes again on a day that its months never have');
        }
        $isYearly = $this->frequency === Frequency::Yearly;
        if (
            (isset($this->numbers['BYWEEKNO']) || isset($this->numbers['BYYEARDAY'])) && ! $isYearly
            || isset($this->numbers['BYMONTHDAY']) && $this->frequency === Frequency::Weekly
            || array_filter(array_column($this->weekdays, 0)) !== [] && ! $isYearly && $this->frequency !== Frequency::Monthly
        ) {
            throw new InvalidArgumentException('comes again in a way that RFC 5545 does not have for its frequency');
        }
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Units;

use DateTimeImmutable;

/**
 * A calendar day as people say it: `20 Mar`, `March 20, 2026`, `20.3.`, `2026-03-20`, `Fri`, `next Fri`, `tomorrow`,
 * `in 3 weeks`, `end of March`. A weekday is the first one after today; so is `next Fri`, as in PHP’s own relative dates.
 */
final class DayText
{
    private const EXAMPLES = ['20 Mar', 'next Fri', 'in 3 weeks', '2026-03-20'];

    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /** How the names of months and weekdays go on after their first three letters. */
    private const NAME = '(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)';

    private const WEEKDAY = '(mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:r(?:s(?:day)?)?)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)';

    /** Whether it has the form of a date, there or not. */
    private bool $isDate = false;

    private function __construct(private readonly DateTimeImmutable $today, private readonly bool $past)
    {
    }

    /**
     * @param  DateTimeImmutable  $today  at midnight; a day without a year is the next one from here
     * @param  bool  $past  it is the last one up to here instead
     * @param  bool|null  $dayFirst  how `3/4/2026` is meant; null: it is refused where it can be read in two ways
     *
     * @throws InvalidQuantity if it is no day, or can be read in two ways
     */
    public static function parse(string $typed, DateTimeImmutable $today, bool $past = false, ?bool $dayFirst = null): DateTimeImmutable
    {
        $text = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', TypedText::of($typed))));
        if ($text === '') {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        $self = new self($today, $past);

        return $self->relative($text) ?? $self->named($text) ?? $self->numbers($text, $typed, $dayFirst)
            ?? throw ($self->isDate
                ? new InvalidQuantity("“{$typed}” is no day of the calendar. Write for example ".implode(', ', self::EXAMPLES).'.', self::EXAMPLES)
                : InvalidQuantity::unreadable($typed, ...self::EXAMPLES));
    }

    private function relative(string $text): ?DateTimeImmutable
    {
        $fixed = ['today' => '+0 days', 'tomorrow' => '+1 day', 'yesterday' => '-1 day', 'next week' => 'monday next week'][$text] ?? null;
        if ($fixed !== null) {
            return $this->today->modify($fixed);
        }
        if (preg_match('/^(?:in )?\+?(\d{1,3}|an?) (day|week|month)s?( ago)?$/', $text, $found) === 1) {
            $count = is_numeric($found[1]) ? (int) $found[1] : 1;

            return $this->later($count * (isset($found[3]) ? -1 : 1), $found[2]);
        }
        if (preg_match('/^(?:(?:this|next|on|coming) )?'.self::WEEKDAY.'\.?$/', $text, $found) === 1) {
            return $this->weekday((int) array_search(substr($found[1], 0, 3), self::WEEKDAYS, true) + 1);
        }

        return null;
    }

    /** In months one stays in the month that is meant: a month after 31 January is the last of February. */
    private function later(int $count, string $unit): DateTimeImmutable
    {
        if ($unit !== 'month') {
            return $this->today->modify(sprintf('%+d %ss', $count, $unit));
        }
        $month = $this->today->modify('first day of this month')->modify(sprintf('%+d months', $count));

        return $month->setDate(
            (int) $month->format('Y'), (int) $month->format('n'),
            min((int) $this->today->format('j'), (int) $month->format('t')),
        );
    }

    private function weekday(int $wanted): DateTimeImmutable
    {
        $away = ($wanted - (int) $this->today->format('N') + 7) % 7;

        return $this->past
            ? $this->today->modify('-'.((7 - $away) % 7).' days')
            : $this->today->modify('+'.($away === 0 ? 7 : $away).' days');
    }

    private function named(string $text): ?DateTimeImmutable
    {
        $year = '(?:,? (\d{4}|\d{2}))?';
        if (preg_match('/^end of '.self::NAME.$year.'$/', $text, $found) === 1) {
            return $this->on(null, $this->month($found[1]), $found[2] ?? '');
        }
        if (preg_match('/^'.self::WEEKDAY.'?,? ?(\d{1,2})(?:st|nd|rd|th|\.)? (?:of )?'.self::NAME.'\.?'.$year.'$/', $text, $found) === 1) {
            return $this->on((int) $found[2], $this->month($found[3]), $found[4] ?? '');
        }
        if (preg_match('/^'.self::WEEKDAY.'?,? ?'.self::NAME.'\.? (\d{1,2})(?:st|nd|rd|th)?'.$year.'$/', $text, $found) === 1) {
            return $this->on((int) $found[3], $this->month($found[2]), $found[4] ?? '');
        }

        return null;
    }

    private function month(string $name): int
    {
        return (int) array_search(substr($name, 0, 3), self::MONTHS, true) + 1;
    }

    private function numbers(string $text, string $typed, ?bool $dayFirst): ?DateTimeImmutable
    {
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $found) === 1) {
            return $this->on((int) $found[3], (int) $found[2], $found[1]);
        }
        if (preg_match('/^(\d{1,2})\. ?(\d{1,2})\.(?: ?(\d{4}|\d{2}))?$/', $text, $found) === 1) {
            return $this->on((int) $found[1], (int) $found[2], $found[3] ?? '');
        }
        if (preg_match('~^(\d{1,2})/(\d{1,2})(?:/(\d{4}|\d{2}))?$~', $text, $found) !== 1) {
            return null;
        }
        [$one, $other] = [(int) $found[1], (int) $found[2]];
        $dayFirst ??= match (true) {
            $one > 12 => true,
            $other > 12 => false,
            $one === $other => true,
            default => throw new InvalidQuantity(
                "“{$typed}” can be read in two ways. Write ".$one.' '.ucfirst(self::MONTHS[$other - 1] ?? '').' or '
                    .$other.' '.ucfirst(self::MONTHS[$one - 1] ?? '').'.',
            ),
        };

        return $dayFirst ? $this->on($one, $other, $found[3] ?? '') : $this->on($other, $one, $found[3] ?? '');
    }

    /** @param  int|null  $day  of the month; its last one when null */
    private function on(?int $day, int $month, string $year): ?DateTimeImmutable
    {
        $this->isDate = true;
        $now = (int) $this->today->format('Y');
        $years = match (strlen($year)) {
            0 => $this->past ? [$now, $now - 1, $now - 4] : [$now, $now + 1, $now + 4],
            2 => [2000 + (int) $year],
            default => [(int) $year],
        };
        foreach ($years as $one) {
            if (checkdate($month, $day ?? 1, $one)) {
                $found = $day === null
                    ? $this->today->setDate($one, $month + 1, 0)
                    : $this->today->setDate($one, $month, $day);
                if ($year !== '' || ($this->past ? $found <= $this->today : $found >= $this->today)) {
                    return $found;
                }
            }
        }

        return null;
    }
}

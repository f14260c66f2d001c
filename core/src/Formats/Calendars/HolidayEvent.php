<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use Regimen\Units\UnreadableFile;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;

/** One event of a holiday calendar: its first day, how many in a row, and when it comes again (RFC 5545, section 3.6.1). */
final readonly class HolidayEvent
{
    private const LONGEST_DAYS = 366;

    private const FIRST_YEAR = 1900;

    private const LAST_YEAR = 2200;

    /**
     * @param  string  $first  YYYY-MM-DD
     * @param  int  $length  days in a row
     * @param  list<string>  $more  days it begins on besides
     * @param  list<string>  $without  days it does not begin on
     * @param  string|null  $replaces  the day of another event with the same uid that it stands for
     */
    private function __construct(
        public string $uid,
        public string $name,
        private string $first,
        private int $length,
        private ?DayRule $rule,
        private array $more,
        private array $without,
        public ?string $replaces,
        private bool $isCancelled,
    ) {
    }

    /** @throws UnreadableFile naming the line and what would be right */
    public static function read(VEvent $event, int $line, DateTimeZone $zone): self
    {
        $name = mb_substr(trim(self::text($event, 'SUMMARY')), 0, 80);
        try {
            $start = self::property($event, 'DTSTART') ?? throw new InvalidArgumentException('has no day');
            $first = self::day($start, $zone);
            $rules = array_map(static fn ($rule): string => $rule instanceof Property ? $rule->getRawMimeDirValue() : '', [...$event->select('RRULE')]);
            if (count($rules) > 1) {
                throw new InvalidArgumentException('has more than one rule by which it comes again');
            }
            $again = self::property($event, 'RECURRENCE-ID');
            if ($again !== null && isset($again['RANGE'])) {
                throw new InvalidArgumentException('changes all days of a row that follow; write it as an event of its own');
            }

            return new self(
                self::text($event, 'UID'), $name, $first, self::length($event, $start, $first, $zone),
                $rules === [] ? null : DayRule::read($rules[0]), self::list($event, 'RDATE', $zone), self::list($event, 'EXDATE', $zone),
                $again === null ? null : self::day($again, $zone), strtoupper(self::text($event, 'STATUS')) === 'CANCELLED',
            );
        } catch (InvalidArgumentException $wrong) {
            throw UnreadableFile::at($line, "“{$name}” {$wrong->getMessage()}");
        }
    }

    /**
     * @param  list<string>  $replaced  days for which other events stand
     * @param  int  $left  how many days may still be looked at
     * @return list<string> all of its days from the first to the last that are wanted, inclusive
     */
    public function days(string $from, string $to, array $replaced, int &$left): array
    {
        if ($this->isCancelled) {
            return [];
        }
        $early = self::later($from, 1 - $this->length);
        $begins = $this->rule === null ? [$this->first] : RuleDays::of($this->rule, $this->first, $early, $to, $left);
        $days = [];
        foreach (array_diff([...$begins, ...$this->more], $this->without, $replaced) as $begin) {
            for ($offset = 0; $begin >= $early && $begin <= $to && $offset < $this->length; $offset++) {
                $day = $offset === 0 ? $begin : self::later($begin, $offset);
                if ($day >= $from && $day <= $to) {
                    $days[] = $day;
                }
            }
        }

        return $days;
    }

    /** From its end, which is the day after the last, or its duration; one day where neither is said. */
    private static function length(VEvent $event, Property $start, string $first, DateTimeZone $zone): int
    {
        $end = self::property($event, 'DTEND');
        $duration = self::text($event, 'DURATION');
        if ($end === null && $duration === '') {
            return str_contains((string) $start->getRawMimeDirValue(), 'T')
                ? throw new InvalidArgumentException('has a time of day; closed days are whole days')
                : 1;
        }
        if ($end !== null) {
            $days = (int) (new DateTimeImmutable($first))->diff(new DateTimeImmutable(self::day($end, $zone)))->format('%r%a');

            // Some write the last day itself as the end of a single one.
            return self::fit(max(1, $days));
        }
        if (preg_match('/^\+?P(?:(\d{1,3})W|(\d{1,4})D(?:T0H(?:0M)?(?:0S)?)?|T(\d{1,5})H)$/', strtoupper($duration), $found) !== 1 || (int) ($found[3] ?? 0) % 24 !== 0) {
            throw new InvalidArgumentException("lasts “{$duration}”; closed days are whole days");
        }

        return self::fit(7 * (int) $found[1] + (int) ($found[2] ?? 0) + intdiv((int) ($found[3] ?? 0), 24));
    }

    private static function fit(int $days): int
    {
        return $days >= 1 && $days <= self::LONGEST_DAYS
            ? $days
            : throw new InvalidArgumentException('lasts longer than a year, or not a day');
    }

    /** @return list<string> */
    private static function list(VEvent $event, string $name, DateTimeZone $zone): array
    {
        $days = [];
        foreach ($event->select($name) as $property) {
            foreach ($property instanceof Property ? explode(',', (string) $property->getRawMimeDirValue()) : [] as $value) {
                $days[] = self::dayOf($value, $zone);
            }
        }

        return $days;
    }

    private static function day(Property $property, DateTimeZone $zone): string
    {
        return self::dayOf((string) $property->getRawMimeDirValue(), $zone);
    }

    /** A day, or midnight in the zone that is said, which is how some write a whole day. */
    private static function dayOf(string $value, DateTimeZone $zone): string
    {
        if (
            preg_match('/^(\d{4})(\d\d)(\d\d)(?:T(\d{6})(Z?))?$/', $value, $found) !== 1
            || ! checkdate((int) $found[2], (int) $found[3], (int) $found[1])
            || (int) $found[1] < self::FIRST_YEAR || (int) $found[1] > self::LAST_YEAR
        ) {
            throw new InvalidArgumentException("has “{$value}”, which is no day");
        }
        $day = "{$found[1]}-{$found[2]}-{$found[3]}";
        if (! isset($found[4])) {
            return $day;
        }
        $clock = $found[4];
        if (($found[5] ?? '') === 'Z') {
            $moment = DateTimeImmutable::createFromFormat('!Y-m-d His', "{$day} {$clock}", new DateTimeZone('UTC'));
            [$day, $clock] = $moment === false ? [$day, ''] : explode(' ', $moment->setTimezone($zone)->format('Y-m-d His'));
        }

        return $clock === '000000' ? $day : throw new InvalidArgumentException('has a time of day; closed days are whole days');
    }

    private static function later(string $day, int $days): string
    {
        return (new DateTimeImmutable($day))->modify(sprintf('%+d days', $days))->format('Y-m-d');
    }

    private static function property(VEvent $event, string $name): ?Property
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? $property : null;
    }

    private static function text(VEvent $event, string $name): string
    {
        return (string) self::property($event, $name)?->getValue();
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use DateTimeZone;
use Regimen\Formats\TextFile;
use Regimen\Units\UnreadableFile;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/**
 * Whole days out of a calendar file (RFC 5545), as holiday calendars are given away: single days, several in a row, those that
 * come again, and those that were cancelled. Read whole or not at all.
 */
final class HolidayCalendar
{
    private const LARGEST_BYTES = 4_000_000;

    private const MOST_LINES = 150_000;

    private const LONGEST_LINE = 20_000;

    /** Components within each other: a calendar, an event, an alarm. */
    private const DEEPEST = 4;

    private const MOST_DAYS = 400;

    /** Days that are looked at for all repetitions of a file. */
    private const MOST_LOOKED_AT = 1_000_000;

    /**
     * @param  string  $from  the first day that is wanted, YYYY-MM-DD
     * @param  string  $to  the last
     * @param  DateTimeZone|null  $zone  in which midnight is meant where a time says UTC; UTC itself if none is given
     * @return array<string, string> names by day, in order
     *
     * @throws UnreadableFile naming the line and what would be right
     */
    public static function read(string $bytes, string $from, string $to, ?DateTimeZone $zone = null): array
    {
        $text = TextFile::decoded($bytes, self::LARGEST_BYTES, 'a holiday calendar');
        $lines = self::linesOfEvents($text);
        $events = [];
        foreach (self::parsed($text)->select('VEVENT') as $index => $event) {
            if ($event instanceof VEvent) {
                $events[] = HolidayEvent::read($event, $lines[$index] ?? 1, $zone ?? new DateTimeZone('UTC'));
            }
        }
        // An event that stands for one day of another takes its place, also where it is cancelled.
        $replaced = [];
        foreach ($events as $event) {
            if ($event->replaces !== null) {
                $replaced[$event->uid][] = $event->replaces;
            }
        }
        $days = [];
        $left = self::MOST_LOOKED_AT;
        foreach ($events as $event) {
            foreach ($event->days($from, $to, $event->replaces === null ? $replaced[$event->uid] ?? [] : [], $left) as $day) {
                $days[$day] ??= $event->name;
            }
            if (count($days) > self::MOST_DAYS) {
                throw UnreadableFile::because('The file has more than '.self::MOST_DAYS.' days; that is no holiday calendar.');
            }
        }
        if ($days === []) {
            throw UnreadableFile::because("The file has no whole day between {$from} and {$to}.");
        }
        ksort($days);

        return $days;
    }

    /**
     * On which line each event of the calendar begins. What is too long or nested too deeply is refused before it is read.
     *
     * @return list<int>
     */
    private static function linesOfEvents(string $text): array
    {
        $found = [];
        $open = [];
        foreach (explode("\n", $text) as $index => $line) {
            if ($index >= self::MOST_LINES || strlen($line) > self::LONGEST_LINE) {
                throw UnreadableFile::at($index + 1, 'the file has more or longer lines than a holiday calendar has');
            }
            if (strncasecmp($line, 'BEGIN:', 6) === 0) {
                if (count($open) === 1 && strcasecmp(rtrim($line), 'BEGIN:VEVENT') === 0) {
                    $found[] = $index + 1;
                }
                $open[] = $line;
                if (count($open) > self::DEEPEST) {
                    throw UnreadableFile::at($index + 1, 'it is nested too deeply');
                }
            } elseif (strncasecmp($line, 'END:', 4) === 0) {
                array_pop($open);
            }
        }

        return $found;
    }

    private static function parsed(string $text): VCalendar
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException $wrong) {
            throw UnreadableFile::because(
                'The file is no calendar that can be read: '.rtrim($wrong->getMessage(), '.').'.',
            );
        }

        return $calendar instanceof VCalendar
            ? $calendar
            : throw UnreadableFile::because('Line 1: a calendar begins with BEGIN:VCALENDAR.');
    }
}

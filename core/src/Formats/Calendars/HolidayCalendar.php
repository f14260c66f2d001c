<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use Regimen\Units\UnreadableFile;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;

/**
 * Whole days out of a calendar file (RFC 5545), as holiday calendars are given away: single days, several in a row, and
 * those that come again every year. Read whole or not at all.
 */
final class HolidayCalendar
{
    private const LARGEST_BYTES = 2_000_000;

    private const MOST_DAYS = 400;

    /**
     * @param  string  $from  the first day that is wanted, YYYY-MM-DD
     * @param  string  $to  the last
     * @return array<string, string> names by day, in order
     *
     * @throws UnreadableFile naming the line and what would be right
     */
    public static function read(string $text, string $from, string $to): array
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw UnreadableFile::because(
                'The file is larger than '.(self::LARGEST_BYTES / 1_000_000).' MB; a holiday calendar is not.',
            );
        }
        $calendar = self::parsed($text);
        $days = [];
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent) {
                self::refuseTimes($event, $text);
            }
        }
        $zone = new \DateTimeZone('UTC');
        $end = (new \DateTimeImmutable($to, $zone))->modify('+1 day');
        foreach ($calendar->expand(new \DateTimeImmutable($from, $zone), $end, $zone)->select('VEVENT') as $event) {
            if (! $event instanceof VEvent) {
                continue;
            }
            $first = self::moment($event, 'DTSTART');
            $after = self::moment($event, 'DTEND') ?? $first?->modify('+1 day');
            for (
                $day = $first; $day !== null
                && $day < $after
                && count($days) <= self::MOST_DAYS; $day = $day->modify('+1 day')
            ) {
                $date = $day->format('Y-m-d');
                if ($date >= $from && $date <= $to) {
                    $days[$date] ??= mb_substr(self::summary($event), 0, 80);
                }
            }
        }
        if ($days === [] || count($days) > self::MOST_DAYS) {
            throw UnreadableFile::because(
                $days === []
                    ? "The file has no whole day between {$from} and {$to}."
                    : 'The file has more than '.self::MOST_DAYS.' days; that is no holiday calendar.',
            );
        }
        ksort($days);

        return $days;
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

    private static function refuseTimes(VEvent $event, string $text): void
    {
        $summary = self::summary($event);
        $lines = preg_split('/\r?\n/', $text) ?: [];
        $line = 1;
        foreach ($lines as $index => $content) {
            if (
                $summary !== ''
                && str_starts_with($content, 'SUMMARY')
                && str_contains($content, mb_substr($summary, 0, 20))
            ) {
                $line = $index + 1;
            }
        }
        $start = $event->select('DTSTART')[0] ?? null;
        if (! $start instanceof DateTime) {
            throw UnreadableFile::at($line, "“{$summary}” has no day");
        }
        if ($start->hasTime()) {
            throw UnreadableFile::at($line, "“{$summary}” has a time of day; closed days are whole days");
        }
    }

    private static function summary(VEvent $event): string
    {
        $summary = $event->select('SUMMARY')[0] ?? null;

        return $summary instanceof Property ? trim((string) $summary->getValue()) : '';
    }

    private static function moment(VEvent $event, string $property): ?\DateTimeImmutable
    {
        $moment = $event->select($property)[0] ?? null;

        return $moment instanceof DateTime
            ? \DateTimeImmutable::createFromInterface($moment->getDateTime(new \DateTimeZone('UTC')))
            : null;
    }
}

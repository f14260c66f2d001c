<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

use Sabre\VObject\Component\VCalendar;

/** A plan as a calendar that other programs subscribe to (RFC 5545, with the name and the interval of RFC 7986). */
final class PlanCalendar
{
    /** @param  iterable<CalendarEntry>  $entries */
    public static function write(string $name, iterable $entries, int $now): string
    {
        $calendar = new VCalendar(
            [
                'PRODID' => '-//Regimen//Workshop plan//EN', 'METHOD' => 'PUBLISH', 'NAME' => $name,
                'X-WR-CALNAME' => $name,
            ],
        );
        $calendar->add('REFRESH-INTERVAL', 'PT1H', ['VALUE' => 'DURATION']);
        foreach ($entries as $entry) {
            $event = $calendar->createComponent('VEVENT', array_filter([
                'UID' => $entry->id,
                'DTSTAMP' => self::at($now),
                'SUMMARY' => $entry->summary,
                'DESCRIPTION' => $entry->description,
                'TRANSP' => $entry->busy ? 'OPAQUE' : 'TRANSPARENT',
            ]));
            foreach ([
                'DTSTART' => [$entry->from, '+0 days'], 'DTEND' => [$entry->to, '+1 day'],
            ] as $property => [$instant, $after]) {
                $instant === null
                    ? $event->add(
                        $property,
                        (new \DateTimeImmutable((string) $entry->day))->modify($after)->format('Ymd'),
                        ['VALUE' => 'DATE'],
                    )
                    : $event->add($property, self::at($instant));
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    private static function at(int $minutes): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.$minutes * 60))->setTimezone(new \DateTimeZone('UTC'));
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Calendars\CalendarEntry;
use Regimen\Formats\Calendars\HolidayCalendar;
use Regimen\Formats\Calendars\PlanCalendar;
use Regimen\Units\UnreadableFile;

/** Calendars out and in, as RFC 5545 writes them. */
final class CalendarsTest extends TestCase
{
    public function test_a_plan_is_written_as_the_standard_says(): void
    {
        $now = intdiv(strtotime('2026-03-18T08:12:00Z'), 60);
        $text = PlanCalendar::write('Regimen: the shop', [
            CalendarEntry::stretch(
                'labour-1@regimen', 'No. 37 glue, clamp; then wait',
                "It comes after “rough carve”.\nSecond line, long enough to be folded because RFC 5545 wants no line "
                    .'beyond seventy-five octets.',
                $now, $now + 60, true,
            ),
            CalendarEntry::stretch('hold-1@regimen', 'hold', '', $now + 60, $now + 1_500, false),
            CalendarEntry::day('promise-37@regimen', 'promised', '', '2026-03-31'),
        ], $now);
        foreach (explode("\r\n", rtrim($text)) as $line) {
            self::assertLessThanOrEqual(75, strlen($line), 'section 3.1: lines are folded');
        }
        $unfolded = str_replace("\r\n ", '', $text);
        self::assertStringContainsString("DTSTART:20260318T081200Z\r\nDTEND:20260318T091200Z", $unfolded);
        self::assertStringContainsString(
            'SUMMARY:No. 37 glue\\, clamp\\; then wait', $unfolded, 'section 3.3.11: text is escaped',
        );
        self::assertStringContainsString(
            "DTSTART;VALUE=DATE:20260331\r\nDTEND;VALUE=DATE:20260401", $unfolded,
            'section 3.6.1: the end is the day after',
        );
        self::assertSame(
            [1, 2, 3],
            [
                substr_count($text, 'TRANSP:OPAQUE'), substr_count($text, 'TRANSP:TRANSPARENT'),
                substr_count($text, 'BEGIN:VEVENT'),
            ],
        );
    }

    public function test_days_in_a_row_and_days_that_come_again_are_read(): void
    {
        $days = HolidayCalendar::read(self::calendar(
            "SUMMARY:Labour day\r\nDTSTART;VALUE=DATE:20200501\r\nDTEND;VALUE=DATE:20200502\r\nRRULE:FREQ=YEARLY",
            "SUMMARY:Works holidays\, summer\r\nDTSTART;VALUE=DATE:20260803\r\nDTEND;VALUE=DATE:20260806",
            "SUMMARY:Long ago\r\nDTSTART;VALUE=DATE:20190101",
        ), '2026-03-18', '2028-03-18');
        self::assertSame([
            '2026-05-01' => 'Labour day', '2026-08-03' => 'Works holidays, summer',
            '2026-08-04' => 'Works holidays, summer', '2026-08-05' => 'Works holidays, summer',
            '2027-05-01' => 'Labour day',
        ], $days);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'no calendar' => ['hello', 'no calendar that can be read'];
        yield 'a card' => ["BEGIN:VCARD\r\nVERSION:4.0\r\nFN:X\r\nEND:VCARD\r\n", 'BEGIN:VCALENDAR'];
        yield 'torn' => ["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nSUMMARY:X\r\n", 'no calendar that can be read'];
        yield 'a time of day' => [
            self::calendar("SUMMARY:Concert\r\nDTSTART:20260501T190000Z"),
            'Line 4 can\'t be read: “Concert” has a time of day',
        ];
        yield 'no day' => [self::calendar('SUMMARY:Some time'), '“Some time” has no day'];
        yield 'nothing to come' => [
            self::calendar("SUMMARY:Long ago\r\nDTSTART;VALUE=DATE:20190101"), 'no whole day between',
        ];
        yield 'every day' => [
            self::calendar("SUMMARY:Always\r\nDTSTART;VALUE=DATE:20260101\r\nRRULE:FREQ=DAILY"),
            'more than 400 days',
        ];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_taken_is_said_with_its_line(string $text, string $sentence): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($sentence);
        HolidayCalendar::read($text, '2026-03-18', '2028-03-18');
    }

    private static function calendar(string ...$events): string
    {
        $body = implode(
            '',
            array_map(
                static fn (
                    string $event, int $index,
                ): string => "BEGIN:VEVENT\r\nUID:{$index}@example.org\r\n{$event}\r\nEND:VEVENT\r\n",
                $events,
                array_keys($events),
            ),
        );

        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Example//EN\r\n{$body}END:VCALENDAR\r\n";
    }
}

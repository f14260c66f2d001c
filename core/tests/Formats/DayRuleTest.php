<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Calendars\DayRule;
use Regimen\Formats\Calendars\HolidayCalendar;
use Regimen\Formats\Calendars\RuleDays;
use Regimen\Units\UnreadableFile;

/** Days that come again, against the days that another program finds (reference/day-rules.json names it). */
final class DayRuleTest extends TestCase
{
    private const FROM = '2026-03-18';

    private const TO = '2028-03-18';

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function rules(): iterable
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../reference/day-rules.json'), true, 8, JSON_THROW_ON_ERROR);
        foreach ($file['cases'] as $case) {
            yield "{$case['first']} {$case['rule']}" => [$case['first'], $case['rule'], $case['days']];
        }
    }

    /** @param  list<string>  $days */
    #[DataProvider('rules')]
    public function test_a_rule_has_the_days_that_another_program_finds(string $first, string $rule, array $days): void
    {
        $left = 1_000_000;
        self::assertSame($days, RuleDays::of(DayRule::read($rule), $first, self::FROM, self::TO, $left));
        self::assertLessThan(1_000_000, $left, 'what is looked at is counted');
    }

    #[TestWith(['FREQ=SECONDLY', 'other than daily'])]
    #[TestWith(['FREQ=HOURLY;COUNT=3', 'other than daily'])]
    #[TestWith(['COUNT=3', 'other than daily'])]
    #[TestWith(['FREQ=DAILY;INTERVAL=0', 'INTERVAL=0'])]
    #[TestWith(['FREQ=DAILY;INTERVAL=99999999999999999999', 'INTERVAL=9'])]
    #[TestWith(['FREQ=DAILY;COUNT=0', 'COUNT=0'])]
    #[TestWith(['FREQ=DAILY;COUNT=2;UNTIL=20270101', 'one of them'])]
    #[TestWith(['FREQ=DAILY;UNTIL=20270230', 'no day'])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 'never have'])]
    #[TestWith(['FREQ=MONTHLY;BYMONTH=4,6;BYMONTHDAY=-31', 'never have'])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=13', 'BYMONTH=13'])]
    #[TestWith(['FREQ=MONTHLY;BYMONTHDAY=0', 'BYMONTHDAY=0'])]
    #[TestWith(['FREQ=YEARLY;BYMONTH=-1', 'BYMONTH=-1'])]
    #[TestWith(['FREQ=WEEKLY;BYDAY=XX', 'no weekday'])]
    #[TestWith(['FREQ=WEEKLY;BYDAY=2MO', 'RFC 5545'])]
    #[TestWith(['FREQ=WEEKLY;BYMONTHDAY=3', 'RFC 5545'])]
    #[TestWith(['FREQ=MONTHLY;BYWEEKNO=3', 'RFC 5545'])]
    #[TestWith(['FREQ=DAILY;BYHOUR=3', 'BYHOUR'])]
    #[TestWith(['FREQ=DAILY;FREQ=DAILY', 'cannot be read'])]
    #[TestWith(['FREQ', 'cannot be read'])]
    #[TestWith(['FREQ=WEEKLY;WKST=XX', 'no weekday'])]
    public function test_what_is_wrong_or_can_never_be_is_refused_at_once(string $rule, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        DayRule::read($rule);
    }

    public function test_a_rule_that_finds_nothing_ends_and_too_many_are_refused(): void
    {
        $left = 1_000_000;
        // From a Monday on every seventh day, on Tuesdays: none but the first.
        self::assertSame([], RuleDays::of(DayRule::read('FREQ=DAILY;INTERVAL=7;BYDAY=TU'), '2025-09-01', self::FROM, self::TO, $left));
        self::assertSame([], RuleDays::of(DayRule::read('FREQ=MONTHLY;BYDAY=MO;BYSETPOS=20'), '2025-09-01', self::FROM, self::TO, $left));
        $this->expectException(UnreadableFile::class);
        $left = 1_000;
        RuleDays::of(DayRule::read('FREQ=DAILY;COUNT=10000;INTERVAL=3'), '1990-01-01', self::FROM, self::TO, $left);
    }

    private static function calendar(string ...$events): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n".implode('', array_map(
            static fn (string $event): string => "BEGIN:VEVENT\r\nUID:a@example.org\r\n{$event}\r\nEND:VEVENT\r\n", $events,
        ))."END:VCALENDAR\r\n";
    }

    /** @param  array<string, string>  $days */
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nDURATION:P2D", ['2026-05-01' => 'X', '2026-05-02' => 'X']])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nDURATION:P1W", [
        '2026-05-01' => 'X', '2026-05-02' => 'X', '2026-05-03' => 'X', '2026-05-04' => 'X', '2026-05-05' => 'X', '2026-05-06' => 'X', '2026-05-07' => 'X',
    ]])]
    #[TestWith(["SUMMARY:X\r\nDTSTART:20260501T000000\r\nDTEND:20260502T000000", ['2026-05-01' => 'X']])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;TZID=Europe/Berlin:20260501T000000\r\nDURATION:PT48H", ['2026-05-01' => 'X', '2026-05-02' => 'X']])]
    #[TestWith(["SUMMARY:X\r\nDTSTART:20260430T220000Z\r\nDTEND:20260501T220000Z", ['2026-05-01' => 'X']])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nRDATE;VALUE=DATE:20260510,20260612\r\nRRULE:FREQ=YEARLY\r\nEXDATE;VALUE=DATE:20270501", [
        '2026-05-01' => 'X', '2026-05-10' => 'X', '2026-06-12' => 'X',
    ]])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:b\r\nSUMMARY:Off\r\nSTATUS:CANCELLED\r\nDTSTART;VALUE=DATE:20260601", [
        '2026-05-01' => 'X',
    ]])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20250501\r\nRRULE:FREQ=YEARLY\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:a@example.org\r\nSUMMARY:Moved\r\nRECURRENCE-ID;VALUE=DATE:20260501\r\nDTSTART;VALUE=DATE:20260504", [
        '2026-05-04' => 'Moved', '2027-05-01' => 'X',
    ]])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20250501\r\nRRULE:FREQ=YEARLY\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:a@example.org\r\nSUMMARY:X\r\nSTATUS:CANCELLED\r\nRECURRENCE-ID;VALUE=DATE:20260501\r\nDTSTART;VALUE=DATE:20260501", [
        '2027-05-01' => 'X',
    ]])]
    #[TestWith(["SUMMARY:Over the edge\r\nDTSTART;VALUE=DATE:20260317\r\nDTEND;VALUE=DATE:20260320", ['2026-03-18' => 'Over the edge', '2026-03-19' => 'Over the edge']])]
    public function test_what_calendars_write_is_read(string $event, array $days): void
    {
        $read = HolidayCalendar::read(self::calendar($event), self::FROM, self::TO, new \DateTimeZone('Europe/Berlin'));
        self::assertSame($days, array_filter($read, static fn (string $day): bool => $day < '2028-01-01', ARRAY_FILTER_USE_KEY));
    }

    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260230", 'Line 3 can\'t be read: “X” has “20260230”, which is no day'])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nDURATION:PT5H", 'lasts “PT5H”'])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nDTEND;VALUE=DATE:20290501", 'lasts longer than a year'])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nRRULE:FREQ=SECONDLY", 'Line 3 can\'t be read: “X” comes again other than'])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nRDATE;VALUE=DATE:20260532", 'no day'])]
    #[TestWith(["SUMMARY:X\r\nDTSTART;VALUE=DATE:20260501\r\nRRULE:FREQ=YEARLY\r\nRRULE:FREQ=MONTHLY", 'more than one rule'])]
    #[TestWith(["SUMMARY:X\r\nRECURRENCE-ID;RANGE=THISANDFUTURE:20260501\r\nDTSTART;VALUE=DATE:20260501", 'all days of a row'])]
    public function test_what_cannot_be_is_refused_with_its_line(string $event, string $words): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($words);
        HolidayCalendar::read(self::calendar($event), self::FROM, self::TO);
    }

    public function test_limits_of_size_lines_and_depth_are_said(): void
    {
        foreach ([
            str_repeat("BEGIN:VCALENDAR\n", 100_000) => 'Line 5 can\'t be read: it is nested too deeply',
            "BEGIN:VCALENDAR\nX:".str_repeat('a', 20_001) => 'Line 2 can\'t be read: the file has more or longer lines',
            str_repeat("\n", 150_001) => 'more or longer lines',
            str_repeat('x', 4_000_001) => 'larger than 4 MB',
            "BEGIN:VCALENDAR\nX:\0" => 'Line 2 can\'t be read: it has signs that no text has',
        ] as $text => $words) {
            try {
                HolidayCalendar::read((string) $text, self::FROM, self::TO);
                self::fail($words);
            } catch (UnreadableFile $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
            }
        }
    }

    #[TestWith(['UTF-16LE', "\xFF\xFE"])]
    #[TestWith(['UTF-16BE', "\xFE\xFF"])]
    #[TestWith(['UTF-16LE', ''])]
    #[TestWith(['UTF-16BE', ''])]
    #[TestWith(['UTF-8', "\xEF\xBB\xBF"])]
    #[TestWith(['ISO-8859-1', ''])]
    public function test_any_encoding_that_can_be_told_is_read(string $encoding, string $mark): void
    {
        $text = self::calendar("SUMMARY:Drei Könige\r\nDTSTART;VALUE=DATE:20270106");
        $bytes = $mark.mb_convert_encoding($text, $encoding, 'UTF-8');
        self::assertSame(['2027-01-06' => 'Drei Könige'], HolidayCalendar::read($bytes, self::FROM, self::TO));
    }
}

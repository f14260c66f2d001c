<?php

declare(strict_types=1);

namespace Tests\Browser;

/**
 * The plan as the manager lives with it: why it is late, what would help, who is away, what is moved, who subscribes.
 */
final class PlanOfficeJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_holidays_come_from_a_file_and_a_wrong_file_is_refused_with_its_line(): void
    {
        $me = $this->manager();
        $me->open('/plan/calendar');
        $folder = sys_get_temp_dir().'/regimen-holidays-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $event = static fn (string $lines): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Example//EN\r\nBEGIN:VEVENT\r\nUID:1@example.org\r\n{$lines}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        file_put_contents("{$folder}/wrong.ics", $event("SUMMARY:Concert\r\nDTSTART:20260501T190000Z"));
        file_put_contents("{$folder}/right.ics", $event("SUMMARY:May day\r\nDTSTART;VALUE=DATE:20260501"));
        $me->waitFor('input[type=file]')->sendKeys("{$folder}/wrong.ics");
        $me->waitForText('Line 4 can\'t be read: “Concert” has a time of day');
        $me->waitFor('input[type=file]')->sendKeys("{$folder}/right.ics");
        $me->waitForText('1 day would be closed.', '[data-look]');
        self::assertStringNotContainsString('Fri 1 May May day', preg_replace('/\s+/', ' ', $me->text('main')) ?? '', 'only looked at');
        $me->press('Import its days');
        $me->waitForText('1 closed day added, and planned around them.');
        self::assertStringContainsString('Fri 1 May May day', preg_replace('/\s+/', ' ', $me->text('main')) ?? '');
        $me->open('/plan/week?from=2026-04-27');
        self::assertStringNotContainsString('Fri 1 May', $me->text('main'), 'a closed day is no day of the week');
        array_map(unlink(...), (array) glob("{$folder}/*"));
        rmdir($folder);
    }

    public function test_what_counts_is_changed_and_a_build_is_put_on_hold(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        $me->press('What counts');
        $me->type('× an immovable date', 'a lot');
        $me->press('Plan by these');
        $me->waitForText('Write a whole number.');
        $me->type('× an immovable date', '25');
        $me->type('Frozen, minutes from now', '240');
        $me->press('Plan by these');
        $me->waitForText('Planned again with what counts now.');
        $me->open('/builds/39');
        $me->press('Put on hold or give priority');
        $me->setDate('On hold until', '2026-04-20');
        $me->type('Why it is held', 'the client is abroad');
        $me->press('Save');
        $me->waitForText('On hold until Mon 20 Apr: the client is abroad.');
        $me->press('Logbook');
        $me->waitForText('No. 39 on hold until Mon 20 Apr: the client is abroad.');
        $me->open('/horizon');
        $me->press('What counts');
        self::assertSame(
            ['25', '240'],
            [
                $me->field('× an immovable date')->getAttribute('value'),
                $me->field('Frozen, minutes from now')->getAttribute('value'),
            ],
        );
    }

    public function test_a_calendar_is_subscribed_to_and_revoked(): void
    {
        $me = $this->manager();
        $me->open('/plan/feeds');
        $me->choose('Person', 'Tobias Renn');
        $me->press('Make an address');
        $me->waitForText('Here is the address.');
        $address = trim($me->text('[data-feed="Tobias Renn"] code'));
        $read = static fn (): string => (string) @file_get_contents(
            $address, false, stream_context_create(['http' => ['ignore_errors' => true]]),
        );
        $calendar = $read();
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n", $calendar);
        self::assertStringContainsString('(Tobias Renn)', str_replace("\r\n ", '', $calendar));
        $me->press('Revoke', '[data-feed="Tobias Renn"]');
        $me->waitForText('the address no longer works');
        self::assertStringNotContainsString('BEGIN:VCALENDAR', $read());
    }
}

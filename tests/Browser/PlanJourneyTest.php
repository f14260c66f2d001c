<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** The plan as the manager lives with it: why it is late, what would help, who is away, what is moved, who subscribes. */
final class PlanJourneyTest extends BrowserTestCase
{
    private function manager(): Visitor
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();

        return $me;
    }

    public function test_a_late_build_is_followed_to_its_reasons_and_overtime_is_tried_and_applied(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        self::assertSame('One promise will break, one is tight', $me->text('h1'));
        $me->press('32 · Fennimore');
        $me->waitForPath('/builds/32');
        $me->press('Why not sooner');
        $me->waitForText('It comes after', '#chain ol');
        self::assertStringContainsString('working hours late', $me->text('#chain summary'));
        $me->open('/plan/help');
        self::assertStringContainsString('would help a build that is late', $me->text('h1'));
        $me->waitForText('32 Fennimore', '[data-help=skill] .late');
        $me->press('Try it', '[data-help=overtime]');
        $me->waitForPath('/plan/try/1');
        $me->waitForText('1 h longer every working day', 'main');
        $me->waitFor('[data-effect]');
        $promised = $me->text('.effect');
        $me->press('Apply it');
        $me->waitForPath('/plan/try');
        $me->waitForText('Applied.');
        $me->open('/plan/calendar');
        $me->waitForText('1 h longer', '#away');
        $me->open('/plan/history');
        $me->waitForText('1 h longer every working day');
        self::assertStringContainsString('→', $promised, 'a finish was to move');
        $me->open('/horizon');
        $me->press('Undo:');
        $me->waitForText('Taken back:');
    }

    public function test_leave_is_entered_and_the_plan_is_repaired_around_it(): void
    {
        $me = $this->manager();
        $me->open('/plan/calendar');
        $me->press('Enter it', '#away');
        $me->waitForText('Nothing was written here', '#away');
        $me->choose('Who', 'Tobias Renn', '#away');
        $me->setDate('First day', '2026-03-17', '#away');
        $me->press('Enter it', '#away');
        $me->waitForText('That day is past', '#away');
        $me->setDate('First day', '2026-03-19', '#away');
        $me->setDate('Last day', '2026-03-20', '#away');
        $me->type('Note', 'his sister marries', '#away');
        $me->press('Enter it', '#away');
        $me->waitForText('Thu 19 Mar to Fri 20 Mar: off, his sister marries', '#away');
        $me->open('/plan/week');
        $me->choose('Show', 'Tobias Renn', '.tools');
        self::assertStringContainsString('off: his sister marries', $me->text('[data-day="2026-03-19"]'));
        self::assertStringNotContainsString('08:00', $me->text('[data-day="2026-03-19"]'));
        $me->open('/plan/calendar');
        $me->press('take it away', '#away li:nth-child(2)');
        $me->waitForText('absences taken away');
    }

    public function test_an_operation_is_moved_by_keyboard_judged_before_it_is_done_and_taken_back(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        $me->press('by person');
        $me->press('Days');
        $me->waitFor('[data-row=person-1]');
        $me->tabTo('Operations of Ines Varga');
        $me->waitFor('#chosen');
        $me->keys(WebDriverKeys::ARROW_RIGHT);
        $me->waitForText('order the parts', '#chosen h2');
        $me->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT]);
        $me->waitFor('#chosen [data-effect]');
        self::assertSame('2026-03-19', $me->field('On the day', '#chosen')->getAttribute('value'));
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('No. 41 order the parts pinned to Thu 19 Mar.');
        $me->waitForText('It is pinned to this day.', '#chosen');
        $me->waitFor('.horizon .pin');
        $me->keys('u');
        $me->waitForText('Taken back: No. 41 order the parts pinned to Thu 19 Mar.');
        self::assertStringNotContainsString('It is pinned', $me->text('#chosen'));
        $me->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_LEFT]);
        $me->waitForText('That day is past', '#chosen');
        $me->keys(WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE);
        $me->until(static fn (): bool => $me->text('#chosen') === '', 'the operation to be left');
    }

    public function test_an_operation_is_dragged_to_another_day_and_left_where_it_was(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        $me->press('by person');
        $me->press('Days');
        $item = $me->waitFor('[data-row=person-1] .item.open .labour');
        $me->driver->action()->clickAndHold($item)->moveByOffset(120, 0)->release()->perform();
        $me->waitFor('#chosen [data-effect]');
        self::assertGreaterThan('2026-03-18', $me->field('On the day', '#chosen')->getAttribute('value'));
        $me->press('Leave it', '#chosen');
        $me->until(static fn (): bool => $me->text('#chosen [data-effect]') === '', 'the proposal to be gone');
        self::assertStringNotContainsString('pinned', $me->text('#chosen'));
    }

    public function test_a_calendar_is_subscribed_to_and_revoked(): void
    {
        $me = $this->manager();
        $me->open('/plan/feeds');
        $me->choose('Person', 'Tobias Renn');
        $me->press('Make an address');
        $me->waitForText('Here is the address.');
        $address = trim($me->text('[data-feed="Tobias Renn"] code'));
        $read = static fn (): string => (string) @file_get_contents($address, false, stream_context_create(['http' => ['ignore_errors' => true]]));
        $calendar = $read();
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n", $calendar);
        self::assertStringContainsString('(Tobias Renn)', str_replace("\r\n ", '', $calendar));
        $me->press('Revoke', '[data-feed="Tobias Renn"]');
        $me->waitForText('the address answers no more');
        self::assertStringNotContainsString('BEGIN:VCALENDAR', $read());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/**
 * The plan as the manager lives with it: why it is late, what would help, who is away, what is moved, who subscribes.
 */
final class PlanJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_a_late_build_is_followed_to_its_reasons_and_what_would_help_is_tried_and_applied(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        self::assertSame('One promise will break, one is tight', $me->text('h1'));
        $me->press('32 · Fennimore');
        $me->waitForPath('/builds/32');
        $me->press('Why not sooner');
        $me->waitForText('Follows', '#chain ol');
        self::assertStringContainsString('working hours late', $me->text('#chain summary'));
        $me->open('/plan/help');
        self::assertStringContainsString('Trying what would help', $me->text('h1'));
        $this->shop->workOff();
        $me->waitForText('would help a build that is late', 'h1');
        $me->waitForText('32 Fennimore', '[data-help=skill] .late');
        $me->press('Try it', '[data-help=skill]');
        $me->waitForPath('/plan/try/1');
        $me->waitForText('electronics', 'main');
        $me->waitFor('[data-effect]');
        $promised = $me->text('.effect');
        $me->press('Apply');
        $me->waitForPath('/plan/try');
        $me->waitForText('Applied.');
        $me->open('/plan/history');
        $me->waitForText('electronics');
        self::assertStringContainsString('→', $promised, 'a finish was to move');
        $me->open('/horizon');
        $me->press('Undo:');
        $me->waitForText('Undone:');
    }

    public function test_rows_of_the_horizon_are_drawn_where_they_are_seen_and_nothing_jumps_when_they_are_not(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        $rows = static fn (): array => (array) $me->driver->executeScript(
            "return [...document.querySelectorAll('.horizon li')].map((row) => [row.querySelector('.strip svg') !== null, row.offsetHeight]);",
        );
        $me->until(static fn (): bool => array_unique(array_column($rows(), 0)) === [true], 'all rows are near');
        $heights = array_column($rows(), 1);
        $me->driver->executeScript("document.querySelector('.horizon').style.marginTop = '4000px';");
        $me->until(static fn (): bool => array_unique(array_column($rows(), 0)) === [false], 'far below nothing is drawn');
        self::assertSame($heights, array_column($rows(), 1));
        $me->driver->executeScript('window.scrollTo(0, 4000);');
        $me->until(static fn (): bool => array_unique(array_column($rows(), 0)) === [true], 'whoever scrolls there finds them');
        $me->driver->executeScript("document.querySelector('.horizon').style.marginTop = ''; window.dispatchEvent(new Event('beforeprint'));");
        $me->until(static fn (): bool => array_unique(array_column($rows(), 0)) === [true], 'and on paper');
    }

    public function test_leave_is_entered_and_the_plan_is_repaired_around_it(): void
    {
        $me = $this->manager();
        $me->open('/plan/calendar');
        $me->press('Save', '#away');
        $me->waitForText('Nothing was written here', '#away');
        $me->choose('Who', 'Tobias Renn', '#away');
        $me->setDate('First day', '2026-03-17', '#away');
        $me->press('Save', '#away');
        $me->waitForText('That day is past', '#away');
        $me->setDate('First day', '2026-03-19', '#away');
        $me->setDate('Last day', '2026-03-20', '#away');
        $me->type('Note', 'his sister marries', '#away');
        $me->press('Save', '#away');
        $me->waitForText('Thu 19 Mar to Fri 20 Mar: off, his sister marries', '#away');
        $me->open('/plan/week');
        $me->choose('Show', 'Tobias Renn', '.tools');
        self::assertStringContainsString('off: his sister marries', $me->text('[data-day="2026-03-19"]'));
        self::assertStringNotContainsString('08:00', $me->text('[data-day="2026-03-19"]'));
        $me->open('/plan/calendar');
        $me->press('remove', '#away li:nth-child(4)');
        $me->waitForText('absences removed');
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
        $first = $me->text('#chosen h2');
        $me->keys(WebDriverKeys::ARROW_RIGHT);
        $me->until(static fn (): bool => ! in_array($me->text('#chosen h2'), ['', $first], true), 'the next operation to be chosen');
        $second = explode("\n", $me->text('#chosen h2'))[0];
        $me->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT]);
        $me->waitFor('#chosen [data-effect]');
        self::assertSame('Thu 19 Mar 2026', $me->field('On the day', '#chosen')->getAttribute('value'));
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText("No. {$second} pinned to Thu 19 Mar.");
        $me->waitForText('Thu 19 Mar', '#chosen p');
        $me->waitFor('.horizon .pin');
        $me->keys('u');
        $me->waitForText("Undone: No. {$second} pinned to Thu 19 Mar.");
        $me->until(
            static fn (): bool => $me->driver->executeScript(
                'return document.querySelectorAll(".horizon .pin").length;',
            ) === 0,
            'the pin to be gone',
        );
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
        $me->press('Cancel', '#chosen');
        $me->until(static fn (): bool => $me->text('#chosen [data-effect]') === '', 'the proposal to be gone');
        self::assertStringNotContainsString('pinned', $me->text('#chosen'));
    }

    public function test_a_scenario_is_put_together_from_forms_and_dropped(): void
    {
        $me = $this->manager();
        $me->open('/plan/try');
        $me->press('Begin');
        $me->waitForText('Nothing was written here');
        $me->type('A new scenario', 'The router table breaks?');
        $me->press('Begin');
        $me->waitForText('Nothing is changed yet.');
        $me->choose('What if', 'a station or fixture is down');
        $me->choose('What', 'router table');
        $me->setDate('From', '2026-03-20T08:00');
        $me->setDate('Until', '2026-03-19T08:00');
        $me->press('Add');
        $me->waitForText('It ends after it begins, and not before now.');
        $me->setDate('Until', '2026-04-10T08:00');
        $me->press('Add');
        $me->waitForText('Router table down from Fri 20 Mar 08:00 to Fri 10 Apr 08:00.');
        $me->waitFor('[data-effect]');
        $without = $me->text('.effect');
        $me->choose('What if', 'a new commission');
        $me->type('Name of the build', 'Talked about');
        $me->setDate('Promise date', '2026-07-31');
        $me->press('Add');
        $me->waitForText('New build Talked about');
        $me->until(
            static fn (): bool => str_contains($me->text('.effect'), '42 Talked about'),
            'the new build among the others',
        );
        self::assertStringNotContainsString('Talked about', $without);
        $me->press('remove', '.list li:nth-child(1)');
        $me->until(
            static fn (): bool => ! str_contains($me->text('.list'), 'Router table'),
            'the outage to be taken out',
        );
        $me->press('Discard');
        $me->waitForText('Discarded; the plan is as it was.');
        $me->open('/builds');
        self::assertStringNotContainsString('Talked about', $me->text('main'));
    }

    public function test_hovering_shows_the_chain_of_reasons_and_pressing_tells_it(): void
    {
        $me = $this->manager();
        $me->open('/horizon');
        $me->press('Days');
        $item = $me->waitFor('[data-row=build-32] .item.open .labour');
        $me->driver->action()->moveToElement($item)->perform();
        $me->until(
            static fn (): bool => (int) $me->driver->executeScript(
                'return document.querySelectorAll(".item.chain").length;',
            ) > 1,
            'what it waited for',
        );
        $me->driver->action()->click($item)->perform();
        $me->waitFor('#chosen');
        $me->waitForText('32 ', '#chosen h2');
        self::assertStringContainsString('Pin to', $me->text('#chosen'));
        $me->press('close', '#chosen');
        $me->until(static fn (): bool => $me->text('#chosen') === '', 'it to be closed');
    }
}

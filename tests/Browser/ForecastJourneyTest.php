<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Visitor;

/** A promise given at 80 %, another endangered by a late part, understood, mended and kept; how good forecasts were; the year. */
final class ForecastJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_a_promise_is_given_at_eighty_per_cent(): void
    {
        $me = $this->manager();
        $me->open('/commissions/new');
        $me->waitForText('80 % by', '[data-figure=chances]');
        $me->type('Client', 'Rosalind Ferrow');
        $me->type('Price, EUR', '7,200');
        $me->type('Deposit, EUR', '2.900');
        $me->waitForText('suggested promise date', '[data-figure=promisable]');
        self::assertStringContainsString('A week earlier it would hold in', (string) $me->driver->executeScript('return document.querySelector("aside").textContent;'));
        $promised = $this->date(str_replace('suggested promise date: ', '', $me->text('[data-figure=promisable]')));
        $me->setDate('Promise date', $promised);
        $me->waitForText('of 100 runs', '[data-figure=promise-chance]');
        self::assertGreaterThanOrEqual(80, $this->number($me->text('[data-figure=promise-chance]')));
        $me->setDate('Promise date', (new \DateTimeImmutable($promised))->modify('-40 days')->format('Y-m-d'));
        $me->until(fn (): bool => $this->number($me->text('[data-figure=promise-chance]')) < 20, 'a promise that is too early');
        $me->setDate('Promise date', $promised);
        $me->until(fn (): bool => $this->number($me->text('[data-figure=promise-chance]')) >= 80, 'the promise that was suggested');
        $me->press('Take the commission');
        $me->waitForPath('/builds/42');
        // Where nobody has asked yet nothing is known; after a while the sheet says how often it holds.
        $me->press((string) $me->driver->executeScript('return document.querySelector("[data-chance]").textContent.trim();'));
        $me->waitForPath('/builds/42/chance');
        self::assertGreaterThanOrEqual(65, $this->worked($me), 'with 500 runs as with 80, or nearly');
    }

    public function test_a_late_part_is_understood_mended_and_the_promise_kept(): void
    {
        $me = $this->manager();
        $me->open('/builds/38/chance');
        $before = $this->worked($me);
        $me->open('/plan/try');
        $me->type('A new scenario', 'The pickup comes late?');
        $me->press('Begin');
        $me->waitForText('Nothing is changed yet.');
        $me->choose('What if', 'a part comes on another day');
        $part = (string) $me->driver->executeScript('return [...document.querySelectorAll("select[name=line] option")].find((one) => one.textContent.includes("38") && one.textContent.includes("pickup")).textContent.trim();');
        $me->choose('Part', $part);
        $me->setDate('Expected on', '2026-05-29');
        $me->press('Add');
        $me->waitForText('pickup expected Fri 29 May');
        $me->press('Apply');
        $me->waitForText('Applied.');

        $me->open('/builds/38/chance');
        $me->waitForText('The plan has changed since; its chances are being worked out.');
        $after = $this->worked($me);
        self::assertLessThan(50, $after, 'a part that comes in ten weeks breaks it');
        self::assertLessThan($before, $after);
        self::assertStringContainsString('pickup', $me->text('[aria-labelledby=hangs]'));
        $me->waitForText('Try it', '[aria-labelledby=raises]');
        $me->press('Try it', '[data-raise=promise]:last-child');
        $me->waitForText('promise moved from', 'main');
        $me->press('Apply');
        $me->waitForText('Applied.');
        $me->open('/builds/38/chance');
        self::assertGreaterThanOrEqual(80, $this->worked($me), 'the later promise is kept');
    }

    public function test_how_good_forecasts_were_is_read(): void
    {
        $me = $this->manager();
        $me->open('/plan/chances');
        $me->press('How good are our forecasts');
        $me->waitForPath('/forecasts');
        $me->waitForText('the 80 % interval held', '[data-honest=held80]');
        self::assertStringContainsString('%', $me->text('[data-honest=held80] .figure'));
        self::assertStringContainsString('Of 30 builds', $me->text('[data-honest=held80]'));
        self::assertStringContainsString('replayed', $me->text('[aria-labelledby=past] tbody tr'));
        self::assertNotSame('', $me->text('[data-change]'));
        $me->press('The year', 'main nav');
        $me->waitForText('2026', 'h1');
        self::assertStringContainsString(' h', $me->text('[data-year=building]'));
        $me->press('Hours by person', 'main nav');
        $me->waitForText('Tobias Renn', '[data-person="Tobias Renn"]');
        $me->press('The week’s letter', 'main nav');
        $me->waitForText('Three things to do', '[data-part="Three things to do"]');
        $me->press('Mail it to');
        $me->waitForText('Mailed to ines@example.org.');
    }

    public function test_hours_are_set_for_a_build_and_watched(): void
    {
        $me = $this->manager();
        $me->open('/builds/37/progress');
        $me->type('Hours that it may take, empty for none', 'many');
        $me->press('Save');
        $me->waitForText('“many”', '[data-watched]');
        self::assertSame('many', $me->field('Hours that it may take, empty for none')->getAttribute('value'), 'what was typed is kept');
        $me->type('Hours that it may take, empty for none', '60 h');
        $me->press('Save');
        $me->waitForText('Of 60 h it stays within them in', '[data-budget]');
        $me->waitForText('will break its share of the hours first');
        $me->type('Money that it may cost, empty for none', '1000');
        $me->press('Save');
        $me->waitForText('Stage by stage in money');
        $me->open('/today');
        $me->waitForText('1,000.00 EUR will not do', '[data-budgets]');
        $me->open('/builds/37/progress');
        $me->press('How sure its date is');
        $me->waitForPath('/builds/37/chance');
    }

    /** The chance once it is there. */
    private function worked(Visitor $me): int
    {
        $me->waitFor('[data-headline]');
        // The worker takes longer than anybody would wait for a page.
        for ($look = 0; $look < 120 && ! $this->isThere($me); $look++) {
            $this->shop->workOff();
            usleep(500_000);
        }
        self::assertTrue($this->isThere($me), 'the chances of the plan in force, not of the one before: '.$me->text('main'));

        return $this->chance($me);
    }

    private function isThere(Visitor $me): bool
    {
        $text = $me->text('main');

        return str_contains($text, 'The promise holds in') && ! str_contains($text, 'being worked out');
    }

    private function chance(Visitor $me): int
    {
        return $this->number($me->text('[data-chance] .figure'));
    }

    private function number(string $text): int
    {
        return preg_match('/\d+/', $text, $found) === 1 ? (int) $found[0] : -1;
    }

    /** `Mon 8 Jun` or with its year, in the year of the tests. */
    private function date(string $words): string
    {
        return (new \DateTimeImmutable(preg_match('/\d{4}/', $words) === 1 ? $words : "{$words} 2026"))->format('Y-m-d');
    }
}

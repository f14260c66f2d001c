<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Accessibility;
use Tests\Browser\Support\ShopServer;

final class EveryPageTest extends BrowserTestCase
{
    private const PAGES = [
        '/today', '/horizon', '/builds', '/builds/37', '/builds/5', '/builds/35/specification',
        '/builds/34/specification', '/builds/35/revisions', '/builds/35/route', '/builds/41/route',
        '/builds/41/route/compare?joint=through', '/house/standards', '/climate', '/plan/help', '/plan/week',
        '/plan/calendar', '/plan/load', '/plan/try', '/plan/history', '/plan/feeds', '/house/models', '/house/models/1', '/house/health', '/house/audit', '/account', '/outlines',
        '/bench', '/builds/37/set-up', '/house/held', '/setbacks', '/setbacks/8', '/pieces', '/stores', '/stores/parts', '/stores/parts/5', '/stores/orders/1', '/stores/orders/2', '/stores/suppliers', '/stores/away?build=41', '/stores/values', '/stores/table', '/stores/labels', '/scan', '/chores', '/builds/39/chance', '/builds/39/progress', '/plan/chances', '/plan/progress', '/forecasts', '/year', '/hours', '/letter', '/clients', '/clients/1', '/enquiries', '/enquiries/2', '/enquiries/2/sketch', '/sketches/1', '/sketches/1/quote', '/quotes/1', '/builds/35/client', '/money', '/money/earned', '/money/rate', '/money/bank', '/money/settings', '/builds/34/money', '/invoices/1', '/templates', '/templates/1?build=36', '/builds/37/templates', '/timber', '/timber/yard', '/timber/1', '/timber/cutting?boards[]=12&boards[]=13', '/timber/papers', '/timber/table', '/logbook', '/builds/30/facts', '/commissions/new', '/parts', '/people', '/house', '/nothing',
    ];

    /** Each page is opened once for all that is asked of it. */
    public function test_no_page_has_an_accessibility_violation_by_day_or_in_the_evening_or_fails_in_the_console(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->open('/sign-in');
        self::assertSame([], Accessibility::violations($me->driver), '/sign-in');
        $me->signIn();
        foreach ([$me->gateOf(37), ...self::PAGES] as $page) {
            $me->open($page);
            if ($page === '/commissions/new') {
                $me->waitFor('[data-figure=ready]');
            }
            $me->driver->executeScript('document.querySelectorAll("details").forEach((one) => (one.open = true));');
            foreach (['light', 'dark'] as $mode) {
                $me->driver->executeScript('document.documentElement.dataset.mode = arguments[0];', [$mode]);
                self::assertSame([], Accessibility::violations($me->driver), "{$page}, {$mode}");
            }
        }
        $me->keys('?');
        $me->waitForText('These keys');
        // What is not there answers with 404, and the browser says so.
        $complaints = array_filter(
            $me->driver->manage()->getLog('browser'),
            static fn (array $line): bool => $line['level'] === 'SEVERE' && ! str_contains($line['message'], '/nothing'),
        );
        self::assertSame([], array_values($complaints));
    }

    public function test_on_a_phone_the_bench_can_be_worked_from_and_nothing_is_cut_off(): void
    {
        $me = $this->visit(ShopServer::demo(), 390, 844);
        $me->signIn('Tobias Renn');
        foreach ([
            '/today', '/horizon', '/plan/week', '/plan/feeds', '/builds', '/builds/37', '/builds/37/specification',
            '/builds/37/route', '/climate', '/parts',
        ] as $page) {
            $me->open($page);
            self::assertFalse($me->isWiderThanTheScreen(), "{$page} is wider than the screen");
        }
        $me->open('/today');
        self::assertStringContainsString('Tobias', $me->text('article'), 'a maker sees their own day first');
        $this->shop->setNow('2026-03-18T09:42:00+01:00');
        $me->press('Stop clock', 'footer');
        $me->waitForText('Clock stopped, hours recorded.');
        $me->open('/builds/37#route');
        $edges = '[data-operation="edges, belly, forearm"]';
        $me->press('Mark done', $edges);
        $me->waitForText('Done: edges, belly, forearm.');
        $me->open('/people');
        self::assertStringContainsString('Only the manager may open this', $me->text('h1'));
    }

    public function test_everything_can_be_done_with_the_keyboard(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->open('/sign-in');
        $me->tabTo('E-mail address');
        $me->keys('ines@example.org', WebDriverKeys::TAB, 'demo-bench-2026', WebDriverKeys::ENTER);
        $me->waitForPath('/today');
        foreach ([
            '2' => '/horizon', '3' => '/builds', '4' => '/stores', '5' => '/people', '6' => '/house', '1' => '/today',
        ] as $key => $path) {
            $me->keys((string) $key);
            $me->waitForPath($path);
        }
        $me->keys('?');
        $me->waitForText('The next thing to do');
        $me->keys(WebDriverKeys::ESCAPE);
        $me->until(fn (): bool => ! str_contains($me->text(), 'The next thing to do'), 'the keys to go away');

        $me->keys('+');
        $me->waitForPath('/commissions/new');
        $me->tabTo('For');
        $me->tabTo('Client');
        $me->keys('Kay Board');
        $me->tabTo('Scale');
        $me->keys(WebDriverKeys::CONTROL.'a', WebDriverKeys::CONTROL, '24 3/4"');
        $me->tabTo('Price, EUR');
        $me->keys('5000');
        $me->tabTo('Promise date');
        $me->keys('31 Jul');
        $me->waitForText('Fri 31 Jul 2026', 'form');
        $me->tabTo('Take the commission');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForPath('/builds/42');

        $me->tabTo('Route');
        $me->keys(WebDriverKeys::ENTER);
        $me->tabTo('Start clock');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('Your clock runs on agree the specification.');
        $this->shop->setNow('2026-03-18T12:12:00+01:00');
        $me->tabTo('Stop clock', 400);
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('Clock stopped, hours recorded.');
        $me->tabTo('Mark done', 400);
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('Done: agree the specification.');
        $me->open('/builds/42#kit');
        $me->tabTo('Mark as arrived', 400);
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('has arrived. Measure it');
        $me->keys('.');
        $me->until(fn (): bool => str_contains($me->driver->getCurrentURL(), '#operation-'), 'the next thing to do');
        self::assertMatchesRegularExpression('~^/builds/\d+$~', $me->path());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Sizes;

/** Every page at the widths it is read at: no text lies on another or runs out of the screen, nothing with the focus is hidden, and nothing is too small to read or to press. */
final class GeometryTest extends BrowserTestCase
{
    private const PAGES = [
        '/today', '/horizon', '/builds', '/builds/37', '/builds/37#route', '/builds/37#kit', '/builds/37#money', '/builds/37#measured',
        '/builds/37#specification', '/builds/37#logbook', '/builds/41/specification', '/builds/35/revisions', '/builds/41/route',
        '/builds/41/route/compare', '/builds/41/taking-in', '/commissions/new', '/finished/new', '/first-steps', '/parts', '/people',
        '/house', '/house/standards', '/house/models', '/house/health', '/house/audit', '/account', '/outlines', '/climate', '/plan/week', '/plan/calendar', '/plan/load', '/plan/help', '/plan/try',
        '/plan/history', '/plan/feeds', '/bench', '/builds/37/set-up', '/house/held', '/setbacks', '/setbacks/8', '/pieces', '/stores', '/stores/parts', '/stores/parts/5', '/stores/orders/1', '/stores/orders/2', '/stores/suppliers', '/stores/away?build=41', '/stores/values', '/stores/table', '/stores/labels', '/scan', '/chores', '/builds/39/chance', '/builds/39/progress', '/plan/chances', '/plan/progress', '/forecasts', '/year', '/hours', '/letter', '/clients', '/clients/1', '/enquiries', '/enquiries/2', '/enquiries/2/sketch', '/sketches/1', '/sketches/1/quote', '/quotes/1', '/builds/35/client', '/money', '/money/earned', '/money/rate', '/money/bank', '/money/settings', '/builds/34/money', '/invoices/1', '/templates', '/templates/1?build=36', '/builds/37/templates', '/timber', '/timber/yard', '/timber/1', '/timber/cutting?boards[]=12&boards[]=13', '/timber/papers', '/timber/table', '/logbook', '/builds/30/facts', '/builds/37#photographs', '/builds/37#pieces',
    ];

    public function test_no_text_lies_on_another_or_runs_out_of_the_screen_on_any_page_at_any_width(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $pages = [...self::PAGES, $me->gateOf(37)];
        $wrong = [];
        foreach (getenv('REGIMEN_LONG') === '1' ? [390, 768, 1280, 1920] : [390, 1280] as $width) {
            $this->browser->resize($width, 800);
            foreach ($pages as $page) {
                $me->open($page);
                $found = [...$me->overlaps(), ...$me->hiddenFocus()];
                $small = [...Sizes::smallTexts($me->driver), ...Sizes::cutTexts($me->driver)];
                if ($width < 768) {
                    $small = [...$small, ...Sizes::smallTargets($me->driver)];
                }
                foreach ([...$found, ...$small] as $words) {
                    $wrong[] = "{$page} at {$width}: {$words}";
                }
                if ($me->isWiderThanTheScreen()) {
                    $wrong[] = "{$page} at {$width} scrolls sideways";
                }
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** A flat-top, a multi-scale eight-string and a headless bass: commissioned, specified, planned and priced like any other. */
final class UnusualJourneyTest extends BrowserTestCase
{
    private function commission(): Visitor
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/commissions/new');
        $me->waitFor('[data-figure=ready]');

        return $me;
    }

    private static function take(Visitor $me, string $client): void
    {
        $me->type('Client', $client);
        $me->type('Price, EUR', '6,400');
        $me->setDate('Promise date', '2026-12-18');
        $me->until(static fn (): bool => str_contains($me->text('aside'), 'of slack'), 'a promise that can be kept');
        foreach (['ready', 'hours'] as $figure) {
            self::assertNotSame('', $me->text("[data-figure={$figure}]"), $figure);
        }
        $me->press('Take the commission');
        $me->waitForPath('/builds/42');
    }

    public function test_a_flat_top_is_commissioned_specified_planned_and_priced_whole(): void
    {
        $me = $this->commission();
        $me->choose('Instrument', 'flat-top');
        $me->waitFor('[data-field=backTimber]');
        $me->choose('Back', 'black walnut');
        $me->type('Body binding', '1.5');
        self::take($me, 'Orla Whitby');
        $me->section('Specification');
        self::assertStringContainsString('black walnut', $me->text('#specification'));
        self::assertMatchesRegularExpression('/Air in the box\s+[\d.]+ l/', $me->text('#specification'));
        $me->section('Kit');
        foreach (['black walnut for the back', 'black walnut for the sides', 'Sitka spruce for the braces', 'rosette', 'bridge blank, saddle and pins'] as $line) {
            self::assertStringContainsString($line, $me->text('#kit'));
        }
        $me->open('/builds/42/specification');
        $me->waitFor('[data-view=top] svg');
        $me->press('Box', '.groups');
        $me->type('Depth at the neck', '3');
        $me->waitForText('no room between its plates', '.fields');
        $me->type('Depth at the neck', '98');
        $me->choose('Bracing of the top', 'fan');
        $me->waitForText('Braced for nylon, strung heavier', '.findings');
        $me->press('Brace it crossed', '.findings');
        $me->until(static fn (): bool => ! str_contains($me->text('.findings'), 'Braced for nylon'), 'the finding to go');
        $me->type('Saddle over the top, wanted', '13');
        $me->waitForText('Saddle too low for this neck angle', '.findings');
        $me->press('Set the neck at', '.findings');
        $me->until(static fn (): bool => ! str_contains($me->text('.findings'), 'Saddle too low'), 'the neck to be set');
        $me->press('Save');
        $me->waitForText('Saved');
        // How it is bound and when its bridge goes on is asked with the route.
        $me->open('/builds/42/route');
        $me->waitForText('A bridge is glued on');
        foreach (['A box is bound', 'brace the top and tune it by its stiffness', 'close the box: the top', 'bindings and purfling', 'bridge from the scale, scraped clean and glued', 'glue the tongue to the top'] as $words) {
            self::assertStringContainsString($words, $me->text('main'));
        }
        self::assertFalse($me->isWiderThanTheScreen());
    }

    public function test_a_multi_scale_eight_string(): void
    {
        $me = $this->commission();
        $me->type('Strings', '8');
        $me->type('Nut width', '54');
        $me->type('Scale', '25"');
        $me->type('Scale on the treble side', '27"');
        $me->waitForText('the wrong way round', 'form');
        $me->type('Scale', '27"');
        $me->type('Scale on the treble side', '25 1/2"');
        $me->waitFor('[data-field=squareFret]');
        $me->type('Fret that stands square', '30');
        $me->waitForText('lies beyond a board', 'form');
        $me->type('Fret that stands square', '8');
        $me->choose('Bridge', 'single bridges');
        self::take($me, 'Piers Aldous');
        $me->open('/builds/42/specification');
        $me->waitFor('[data-view=front] svg');
        $me->press('Bridge', '.groups');
        $me->waitForText('Line of the saddles out of square', '.fields');
        $me->press('Tables', '.tabs');
        $me->waitForText('out of square, °', '.middle');
    }

    public function test_a_headless_bass(): void
    {
        $me = $this->commission();
        $me->choose('Instrument', 'bass');
        $me->type('Strings', '4');
        $me->type('Nut width', '40');
        $me->choose('Headstock', 'headless');
        self::take($me, 'Juno Marek');
        $me->section('Kit');
        self::assertStringContainsString('headpiece with clamps', $me->text('#kit'));
        self::assertStringContainsString('bridge with tuners', $me->text('#kit'));
        $me->open('/builds/42/specification');
        $me->press('Headstock', '.groups');
        $me->choose('Tuners are set', 'through the face');
        $me->waitForText('A headless neck carries no tuners', '.fields');
        $me->choose('Tuners are set', 'at the bridge');
        $me->until(static fn (): bool => ! str_contains($me->text('.fields'), 'carries no tuners'), 'the contradiction to go');
        self::assertStringNotContainsString('Post to post', $me->text('.fields'));
    }
}

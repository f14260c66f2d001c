<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;

/** From a commission to a dated plan, and back from the bench. */
final class CommissionJourneyTest extends BrowserTestCase
{
    public function test_a_commission_is_taken_worked_on_and_followed(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->press('Builds', 'nav');
        $me->press('New commission');
        $me->waitForPath('/commissions/new');
        $me->waitFor('[data-figure=ready]');
        $hours = $me->text('[data-figure=hours]');

        $me->type('Client', 'Rosalind Ferrow');
        $me->type('Scale', '25"');
        $me->type('Nut width', '43');
        $me->type('Frets', '24');
        $me->choose('Neck joint', 'set');
        $me->choose('Construction', 'chambered');
        $me->press('Change the layers');
        $me->press('Add a layer under these');
        $me->type('Thickness', '1/4"', '[data-field=layers] [data-row="0"]');
        $me->type('Thickness', '1 1/2"', '[data-field=layers] [data-row="1"]');
        $me->choose('Finish', 'nitrocellulose lacquer');
        $me->type('Colour, if any', 'tobacco burst');
        $me->type('Wishes, in the client’s words', 'A warm voice.');
        $me->until(fn (): bool => $me->text('[data-figure=hours]') !== $hours, 'other hours for another instrument');
        $me->type('Price, EUR', '7,200');
        $me->type('Deposit, EUR', '2.900');

        $me->setDate('Promise date', '2026-04-01');
        $me->waitForText('late by', 'aside');
        $me->type('Nut width', '-43');
        $me->waitForText('is below zero', 'form');
        $me->press('Take the commission');
        $me->waitForText('is below zero', 'form');
        self::assertSame('Rosalind Ferrow', $me->field('Client')->getAttribute('value'), 'what was typed is kept');
        $me->type('Nut width', '1 11/16"');
        $me->setDate('Promise date', '2026-07-31');
        $me->until(fn (): bool => str_contains($me->text('aside'), 'of slack'), 'a promise that can be kept');
        $ready = $me->text('[data-figure=ready]');
        $me->press('Take the commission');

        $me->waitForPath('/builds/42');
        $me->waitForText('No. 42 is on the plan.');
        self::assertStringContainsString('42 · Ferrow', $me->text('h1'));
        self::assertLessThanOrEqual(
            strtotime("{$ready} 2026"), strtotime($me->text('[data-figure=finish]').' 2026'),
            'planned for the date that was shown, or sooner',
        );
        self::assertStringContainsString('Specify it', $me->text('[data-next]'));
        $me->section('Specification');
        self::assertStringContainsString('42.86 mm', $me->text('#specification'));
        self::assertStringContainsString('red alder 6.35 mm; red alder 38.1 mm', $me->text('#specification'));

        $agree = '[data-operation="agree the specification"]';
        $me->section('Route');
        $me->press('Start clock', $agree);
        $me->waitForText('Your clock runs on agree the specification.');
        $this->shop->setNow('2026-03-18T11:12:00+01:00');
        $me->press('Stop clock', 'footer');
        $me->waitForText('Clock stopped, hours recorded.');
        $me->section('Overview');
        $me->waitForText('2.0 h', '[data-figure=worked]');
        $me->section('Money');
        self::assertSame('108.00', $me->text('[data-figure=cost]'), 'two hours at the rate of 54');
        $me->section('Route');
        $me->press('Mark done', $agree);
        $me->waitForText('Done: agree the specification.');
        $me->section('Overview');
        self::assertSame('3.0 h', $me->text('[data-figure=earned]'));
        self::assertSame('1.50', $me->text('[data-figure=cpi]'));

        $timber = '[data-kit="red alder for the top"]';
        $me->section('Kit');
        $me->press('Mark as arrived', $timber);
        $me->waitForText('arrived Wed 18 Mar', $timber);
        $me->press('Use', $timber);
        $me->waitForText('used up', $timber);
        $me->section('Money');
        $me->until(fn (): bool => $me->text('[data-figure=cost]') !== '108.00', 'the cost with the material in it');

        $before = $me->text('[data-figure=finish]');
        $drawing = '[data-operation="full-size drawing and check"]';
        $me->section('Route');
        $me->press('more', $drawing);
        $me->type('Waits for a decision about', 'shape of the horn', $drawing);
        $me->setDate('Expected by', '2026-05-29', $drawing);
        $me->press('Wait for this', $drawing);
        $me->until(fn (): bool => $me->text('[data-figure=finish]') !== $before, 'another finish');
        self::assertStringContainsString('Waits for shape of the horn', $me->text('.promise'));
        $me->section('Logbook');
        self::assertStringContainsString('shape of the horn', $me->text('#logbook'));
        $me->press('Horizon', 'nav');
        $me->waitForPath('/horizon');
        self::assertStringContainsString('42 · Ferrow', $me->text('main'));
    }

    public function test_two_tabs_that_change_the_same_thing(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/41#route');
        $drawing = '[data-operation="full-size drawing and check"]';
        $me->waitFor($drawing);
        $first = $me->driver->getWindowHandle();
        $me->driver->switchTo()->newWindow();
        $me->open('/builds/41#route');
        $me->press('Mark done', $drawing);
        $me->waitForText('Done: full-size drawing and check.');
        $this->browser->toTab($first);
        $me->press('Mark done', $drawing);
        $me->waitForText('was changed by somebody else in the meantime');
        self::assertStringNotContainsString('Mark done', $me->text($drawing), 'it shows how things stand');
    }

    public function test_an_empty_shop_is_opened_and_used(): void
    {
        $me = $this->visit(ShopServer::empty());
        $me->open('/');
        $me->waitForPath('/new-shop');
        $me->type('Name of the shop', 'Corner bench');
        $me->type('Time zone', 'Europe/Berlin');
        $me->type('Your name', 'Ada Corner');
        $me->type('E-mail address', 'ada@example.org');
        $me->type('Password', 'sawdust and glue');
        $me->press('Open the shop');
        $me->waitForPath('/today');
        self::assertStringContainsString('Nothing on the bench yet', $me->text('h1'));
        $me->open('/commissions/new');
        $me->type('Client', 'First Client');
        $me->type('Price, EUR', '4000');
        $me->setDate('Promise date', '2026-08-31');
        $me->waitFor('[data-figure=ready]');
        $me->press('Take the commission');
        $me->waitForPath('/builds/1');
        $me->open('/today');
        self::assertStringContainsString('agree the specification', $me->text('main'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;

/** A shop in which nothing has happened yet: every page says what will be there, and what to do first is offered. */
final class EmptyShopTest extends BrowserTestCase
{
    public function test_every_page_of_an_empty_shop_says_what_will_be_there_and_the_first_steps_lead_to_an_instrument(): void
    {
        $me = $this->visit(ShopServer::empty());
        $me->open('/');
        $me->waitForPath('/new-shop');
        foreach ([
            'Name of the shop' => 'Corner bench', 'Time zone' => 'Europe/Berlin', 'Your name' => 'Ada Corner',
            'E-mail address' => 'ada@example.org', 'Password' => 'sawdust and glue',
        ] as $label => $typed) {
            $me->type($label, $typed);
        }
        $me->press('Open the shop');
        $me->waitForPath('/today');
        foreach (['/horizon', '/builds', '/plan/history'] as $page) {
            $me->open($page);
            self::assertStringContainsString('Take a commission', $me->text('[data-empty]'), $page);
        }
        foreach ([
            '/today', '/parts', '/people', '/plan/week', '/plan/calendar', '/plan/load', '/plan/help', '/plan/try', '/climate',
        ] as $page) {
            $me->open($page);
            self::assertGreaterThan(12, mb_strlen($me->text('main h1')), "{$page} has a heading that says something");
            self::assertFalse($me->isWiderThanTheScreen(), $page);
        }

        $me->open('/today');
        $me->press('Set the shop up');
        $me->waitForText('Set the shop up, an afternoon’s work', 'h1');
        $me->press('Take one in');
        $me->waitForText('on the bench already', 'h1');
        $me->type('Its number', '27');
        $me->type('Client', 'Clara Fennimore');
        $me->type('Promise date', 'in 3 months');
        $me->press('Go on to what is done');
        $me->waitForText('How far has 27 · Fennimore come?', 'h1');
        $me->tick('Parts and timber done', '[data-stage=parts]');
        $me->waitForText('3 of 3', '[data-stage=parts]');
        self::assertStringContainsString('1 of 1', $me->text('[data-stage=brief]'), 'what comes before it is ticked with it');
        $me->type('Hours on parts and timber', '4:30');
        $me->type('Hours on brief', '2');
        $me->press('Take it in');
        $me->waitForText('No. 27 is taken in and planned with the others.');
        $me->section('Hours');
        $me->waitForText('as remembered, from before', '#hours');
        $me->section('Logbook');
        $me->waitForText('Taken in from the bench', '#logbook');
    }

    public function test_leaving_with_something_typed_asks_first_and_going_back_as_well(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->press('People', 'nav');
        $me->waitForPath('/people');
        $me->type('Name', 'Nobody Yet', 'main > section');
        $me->press('Builds', 'nav');
        $me->driver->switchTo()->alert()->dismiss();
        self::assertSame('/people', $me->path());
        self::assertSame('Nobody Yet', $me->field('Name', 'main > section')->getAttribute('value'), 'nothing typed is lost');
        $me->driver->executeScript('history.back();');
        $me->until(function () use ($me): bool {
            $me->driver->switchTo()->alert()->dismiss();

            return true;
        }, 'the question');
        self::assertSame('Nobody Yet', $me->field('Name', 'main > section')->getAttribute('value'));
        $me->press('Builds', 'nav');
        $me->driver->switchTo()->alert()->accept();
        $me->waitForPath('/builds');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\ShopServer;

/** What goes wrong at the bench, seen from in front of the screen. */
final class BadInputTest extends BrowserTestCase
{
    public function test_sentences_stand_at_their_fields_and_what_was_typed_stays(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/41#route');
        $drawing = '[data-operation="full-size drawing and check"]';
        $me->press('more', $drawing);
        foreach ([
            '25' => 'A day has 24 hours', '-1' => 'below zero', 'a while' => 'can\'t be read',
            '' => 'Nothing was written here',
        ] as $typed => $says) {
            $me->type('Hours worked', (string) $typed, $drawing);
            $me->press('Enter hours', $drawing);
            $me->waitForText($says, $drawing);
            self::assertSame((string) $typed, $me->field('Hours worked', $drawing)->getAttribute('value'));
            self::assertSame('true', $me->field('Hours worked', $drawing)->getAttribute('aria-invalid'));
        }
        $me->type('Hours worked', '1:30', $drawing);
        $me->setDate('On', '2026-03-30', $drawing);
        $me->press('Enter hours', $drawing);
        $me->waitForText('That day has not come yet', $drawing);
        $me->setDate('On', '2026-03-17', $drawing);
        $me->press('Enter hours', $drawing);
        $me->waitForText('1 h 30 min recorded on full-size drawing and check.');
        self::assertStringContainsString('1 h 30 of 4 h', $me->text($drawing));

        $me->type('Hours worked', '0:15', $drawing);
        $me->setDate('On', '2026-01-05', $drawing);
        $me->press('Enter hours', $drawing);
        $me->waitForText('was taken on only on', $drawing);
        $me->tick('It is so', $drawing);
        $me->press('Enter hours', $drawing);
        $me->waitForText('15 min recorded on full-size drawing and check.');

        $me->press('Start clock', '[data-operation="select timber, read moisture"]');
        $me->waitForText('needs what has not arrived: sugar maple for the neck');
        self::assertStringNotContainsString('Stop clock', $me->text('footer'), 'no clock was started');
    }

    public function test_wrong_passwords_and_a_page_that_is_not_there(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->open('/sign-in');
        $me->type('E-mail address', 'ines@example.org');
        $me->type('Password', 'sawdust');
        $me->press('Sign in', 'form');
        $me->waitForText('E-mail address or password is wrong.');
        self::assertSame('ines@example.org', $me->field('E-mail address')->getAttribute('value'));
        $me->signIn();
        $me->open('/builds/4711');
        self::assertStringContainsString('There is nothing here', $me->text('h1'));
        $me->open('/nowhere/at/all');
        self::assertStringContainsString('Horizon', $me->text('nav'), 'the way back stays');
        $me->press('To today’s work');
        $me->waitForPath('/today');
    }

    public function test_a_maker_sees_no_money_and_does_not_get_where_only_the_manager_may(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn('Tobias Renn');
        self::assertStringNotContainsString('House', $me->text('nav'));
        $me->open('/builds/37');
        self::assertStringNotContainsString('Cost so far', $me->text('#progress'));
        self::assertStringNotContainsString('Move the promise', $me->text('main'));
        $me->keys('6');
        self::assertSame('/builds/37', $me->path(), 'the key is the manager’s');
        foreach (['/house', '/people', '/commissions/new'] as $page) {
            $me->open($page);
            self::assertStringContainsString('Only the manager may open this', $me->text('h1'));
        }
    }

    public function test_a_forgotten_clock_asks_what_was_really_worked(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn('Tobias Renn');
        $this->shop->setNow('2026-03-19T08:05:00+01:00');
        $me->press('Stop clock', 'footer');
        $me->waitForText('This clock has run since Wed 18 Mar 09:10', 'footer');
        $me->driver->findElement(WebDriverBy::cssSelector('footer input'))->sendKeys('1:35');
        $me->press('Stop clock', 'footer');
        $me->waitForText('Clock stopped, hours recorded.');
        self::assertStringNotContainsString('Stop clock', $me->text('footer'));
    }
}

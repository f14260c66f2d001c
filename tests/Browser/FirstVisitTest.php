<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;

/** What is offered on a first visit to a page, and is gone once it is known. */
final class FirstVisitTest extends BrowserTestCase
{
    public function test_three_sentences_are_offered_until_they_are_known(): void
    {
        $me = $this->visit(ShopServer::demo(), 390, 844);
        $me->signIn();
        $me->driver->executeScript("localStorage.removeItem('regimen.known');");
        $me->open('/horizon');
        self::assertStringNotContainsString('with its promise as a flag', $me->text('main'));
        $me->press('The first time here?', '[data-first-visit]');
        $me->waitForText('with its promise as a flag', '[data-first-visit]');
        self::assertFalse($me->isWiderThanTheScreen());
        $me->press('I know this page', '[data-first-visit]');
        $me->until(static fn (): bool => ! str_contains($me->text('main'), 'The first time here?'), 'it to be gone');
        $me->open('/horizon');
        self::assertStringNotContainsString('The first time here?', $me->text('main'));
        $me->open('/stores');
        $me->waitForText('The first time here?', 'main');
        $me->press('The first time here?', '[data-first-visit]');
        $me->press('I know them all', '[data-first-visit]');
        $me->open('/builds');
        self::assertStringNotContainsString('The first time here?', $me->text('main'));
    }
}

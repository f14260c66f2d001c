<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Visitor;

/** From the first talk to a change of mind: enquiry, two sketches, quote, acceptance, a decision on the client’s phone, a change order. */
final class ClientJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_an_enquiry_becomes_a_commission(): void
    {
        $me = $this->manager();
        $me->open('/clients');
        $me->press('Add a client');
        $me->type('Name', 'Rosalind Ferrow');
        $me->type('Mail', 'nowhere');
        $me->press('Save');
        $me->waitFor('form [role=alert]');
        self::assertSame('Rosalind Ferrow', $me->field('Name')->getAttribute('value'), 'what was typed is kept');
        $me->type('Mail', 'rosalind@example.org');
        $me->choose('Plays', 'left-handed');
        $me->press('Save');
        $me->waitForText('Rosalind Ferrow: nothing is made for them yet', 'h1');
        $me->press('They ask for an instrument');
        $me->type('What they would like, in their own words', 'Plain, loud, and not heavy.');
        $me->type('Budget, empty if none was said', '4,000');
        $me->press('Save');
        $me->waitForText('Rosalind Ferrow would like an instrument', 'h1');
        $enquiry = $me->path();
        foreach (['Plain' => 'wiping oil', 'Fine' => 'shellac'] as $name => $finish) {
            $me->press('Sketch it');
            $me->waitForText('A sketch for Rosalind Ferrow', 'h1');
            $me->type('Name of the sketch', $name);
            $me->waitFor('[data-figure=ready]');
            $me->choose('Finish', $this->option($me, 'Finish', $finish));
            $me->press('Save the sketch');
            $me->waitForPath($enquiry);
            $me->waitFor("[data-sketch='{$name}']");
        }
        $me->waitForText('Ready in 80 of 100', "[data-sketch='Plain']");
        self::assertMatchesRegularExpression('/budget/', $me->text("[data-sketch='Fine'] [data-budget]"));
        $me->press('What would cost less', "[data-sketch='Fine']");
        $me->waitFor("[data-sketch='Fine'] [data-ways] li");
        $me->press('Quote it', "[data-sketch='Fine']");
        $me->waitForText('A quote for Rosalind Ferrow: Fine', 'h1');
        $me->type('Deposit, EUR', '999999');
        $me->press('Write the quote');
        $me->waitForText('is more than the price');
        $me->type('Deposit, EUR', '1,000');
        $me->press('Write the quote');
        $me->waitForText('Accepted today it would be ready', '[data-standing]');
        $me->type('How', 'by mail');
        $me->press('It is accepted: take the commission');
        $me->waitForText('is on the plan.');
        $me->waitForText('for Rosalind Ferrow');
        $me->open('/enquiries');
        $me->waitForText('is made of it', '#content');
    }

    public function test_the_client_decides_on_a_phone(): void
    {
        $me = $this->manager();
        $me->open('/builds/34/client');
        $me->waitForText('One decision is asked for', 'h1');
        $page = (string) parse_url($me->text('[data-address]'), PHP_URL_PATH);
        // A phone that nobody is signed in on.
        Chromium::fresh(390, 844);
        $me->open($page);
        $me->waitForText('We need you by');
        self::assertFalse($me->isWiderThanTheScreen());
        foreach ($me->driver->findElements(WebDriverBy::cssSelector('button')) as $button) {
            self::assertGreaterThanOrEqual(44, $button->getSize()->getHeight());
        }
        $me->driver->findElement(WebDriverBy::cssSelector("button[value='closed']"))->click();
        $me->waitForText('Thank you, it is written down.');
        self::assertStringContainsString('You decided', $me->text('body'));
        self::assertSame([], $me->driver->manage()->getCookies(), 'no session');
        // As somebody who should not see it.
        $me->open(substr($page, 0, -1).(str_ends_with($page, '0') ? '1' : '0'));
        self::assertStringNotContainsString('Marchetto', $me->text('body'));
        Chromium::fresh();
        $me->signIn();
        $me->open('/builds/34/client');
        $me->waitForText('closed, said by the client on their page', '[data-decision]');
        $me->press('Close it');
        $me->waitForText('its address does not work any more');
        $me->open($page);
        self::assertStringNotContainsString('Marchetto', $me->text('body'));
        $me->open('/builds/34/client');
        $me->press('Write a letter');
        $me->waitForText('A letter to Lucia Marchetto', 'h1');
        $me->press('Send');
        $me->waitForText('Sent, and kept with the build.');
    }

    public function test_a_changed_mind_is_a_change_order(): void
    {
        $me = $this->manager();
        $me->open('/builds/39/client');
        $me->waitForText('Change order 1', '[data-order]');
        $me->waitForText('Work still to do', '[data-reckoned]');
        $me->type('How', 'by telephone', '[data-order]');
        $me->press('It is accepted: change the plan');
        $me->waitForText('the bench builds by the new revision');
        $me->waitForText('Revision 2 was approved by', '[data-approved]');
        // After the neck is carved another neck is not offered: it is said what is possible.
        $me->open('/builds/35/client');
        $me->waitForText('has begun. Possible is');
        self::assertStringNotContainsString('Offer the change order', $me->text('#content'));
        // What was handed over has its sheet of facts.
        $me->open('/builds/30/facts');
        $me->waitForText('How to look after it', '#content');
    }

    /** What a choice calls an option that begins so. */
    private function option(Visitor $me, string $label, string $begins): string
    {
        return (string) $me->driver->executeScript('const field = [...document.querySelectorAll("label")].find((one) => one.textContent.trim().startsWith(arguments[0])); const select = document.getElementById(field.getAttribute("for")) ?? field.querySelector("select"); return [...select.options].find((one) => one.textContent.trim().startsWith(arguments[1])).textContent.trim();', [$label, $begins]);
    }
}

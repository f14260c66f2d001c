<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Tests\Browser\Support\Visitor;

/** A stage is invoiced and paid from the bank’s file, a late payer is reminded, the balance is asked for, and the year says what it earned. */
final class MoneyJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_a_stage_payment_from_the_invoice_to_the_banks_file(): void
    {
        $me = $this->manager();
        $me->open('/builds/34/money');
        $me->press('Divide it otherwise');
        $me->waitFor('[data-divide]');
        $me->choose('When', 'when it is ordered', '[data-divide]');
        $me->press('Save');
        $me->waitForText('can be invoiced now', '[data-part]');
        $me->open('/money');
        $me->waitForText('34 ·', '[data-due]');
        $due = $this->due($me, '34 ·');
        $amount = $due->findElement(WebDriverBy::cssSelector('.figure'))->getText();
        $me->press('Write the invoice', "[data-due='{$due->getAttribute('data-due')}']");
        $me->waitForText('is written. Nothing was sent.');
        $number = (string) preg_replace('/^Invoice (\S+) .*/s', '$1', $me->text('h1'));
        self::assertStringContainsString($amount, $me->text('#content'));
        // What the bank says of it.
        $plain = str_replace(['.', ',', ' EUR', '#'], ['#', '', '', ','], $amount);
        $file = sys_get_temp_dir().'/bank-'.getmypid().'.csv';
        file_put_contents($file, "Booked;Name;Purpose;Amount;Currency\n".date('d.m.Y').";Somebody;{$number};{$plain};EUR\n");
        try {
            $this->take($me, $file, $number);
        } finally {
            unlink($file);
        }
        $me->open('/money');
        $me->waitForText($number, '#content');
        self::assertStringContainsString('paid', $this->paper($me, $number));
    }

    private function due(Visitor $me, string $of): WebDriverElement
    {
        foreach ($me->driver->findElements(WebDriverBy::cssSelector('[data-due]')) as $one) {
            if (str_contains($one->getText(), $of)) {
                return $one;
            }
        }
        self::fail("Nothing of {$of} can be invoiced.");
    }

    private function take(Visitor $me, string $file, string $number): void
    {
        $me->open('/money/bank');
        $me->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $me->waitForText("names {$number} and pays what is left of it", '[data-came]');
        $me->press('Take one payment');
        $me->waitForText('1 payment recorded.');
        $me->open('/money/bank');
        $me->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $me->waitForText('is recorded already', '[data-came]');
    }

    private function paper(Visitor $me, string $number): string
    {
        foreach ($me->driver->findElements(WebDriverBy::cssSelector('[data-paper]')) as $one) {
            if (str_contains($one->getText(), $number)) {
                return $one->getText();
            }
        }
        self::fail("{$number} stands nowhere.");
    }

    public function test_a_late_payer_is_reminded_and_pays_in_part(): void
    {
        $me = $this->manager();
        $me->open('/money');
        $me->driver->findElement(WebDriverBy::cssSelector('[data-paper].late a'))->click();
        $me->waitForText('days late', '[data-state]');
        $path = $me->path();
        $me->type('Amount, EUR', '99999');
        $me->press('It came');
        $me->waitForText('Tick that you are sure');
        self::assertSame('99999', $me->field('Amount, EUR')->getAttribute('value'), 'what was typed is kept');
        $me->type('Amount, EUR', '800');
        $me->press('It came');
        $me->waitFor('[data-payment]');
        $me->waitForText('800.00 EUR', '[data-payment]');
        $build = (string) preg_replace('~^.*/builds/(\d+)/money.*$~s', '$1', (string) $me->driver->findElement(WebDriverBy::cssSelector("a[href*='/money'][href*='/builds/']"))->getAttribute('href'));
        $me->open("/builds/{$build}/letters?kind=reminder");
        $me->waitFor('textarea');
        $body = (string) $me->driver->findElement(WebDriverBy::cssSelector('textarea'))->getAttribute('value');
        self::assertMatchesRegularExpression('/Invoice \d{4}-\d{4} for the balance: .* EUR, due since/', $body);
        // A wrong entry is struck and stays.
        $me->open($path);
        $me->press('Strike it…');
        $me->type('Why', 'it was another one');
        $me->press('Strike it');
        $me->waitForText('struck: it was another one', '[data-payment]');
    }

    public function test_the_balance_and_what_it_earned(): void
    {
        $me = $this->manager();
        $me->open('/builds/34/money');
        $me->waitForText('agreed', 'h1');
        $price = $me->text("[data-row='Price'] dd");
        $me->type('Discount, %', '10');
        $me->press('What would it cost then?');
        $me->waitFor("[data-row='Discount']");
        self::assertNotSame($price, $me->text("[data-row='Price'] dd"));
        $me->type('Made together', '99');
        $me->press('What would it cost then?');
        $me->waitForText('One to twelve can be made together.');
        $me->press('Divide it otherwise');
        $me->waitFor('[data-divide]');
        $me->press('A part more');
        $me->press('Save');
        $me->waitFor('[data-divide] [role=alert]');
        $me->open('/money/earned');
        $me->waitForText('An hour brought', 'h1');
        $rows = count($me->driver->findElements(WebDriverBy::cssSelector('[data-earned]')));
        self::assertGreaterThan(3, $rows);
        $me->press('maker');
        $me->waitFor("[data-earned^='p']");
        $whole = $me->text("[data-earned='all']");
        $me->press('month');
        $me->waitFor("[data-earned^='20']");
        self::assertSame($whole, $me->text("[data-earned='all']"), 'the whole is the same, however it is divided');
    }
}

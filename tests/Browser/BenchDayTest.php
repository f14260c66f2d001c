<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** A maker's day, from the bench: on a phone of one's own, and on a tablet that is shared. */
final class BenchDayTest extends BrowserTestCase
{
    public function test_a_maker_s_whole_day_on_a_phone(): void
    {
        $me = $this->visit(ShopServer::demo(), 390, 844);
        $me->signIn('Tobias Renn');
        $me->waitForPath('/bench');
        self::assertFalse($me->isWiderThanTheScreen());

        // The clock runs since the morning; a customer comes.
        $me->waitForText('running since');
        $me->press('Called away');
        $me->press('customer', '[aria-label=Why]');
        $me->waitForText('Away: customer');
        $this->shop->setNow('2026-03-18T10:00:00+01:00');
        $me->press('Start');
        $me->waitForText('running since 10:00');

        // Done without readings; then the pocket, which ends with seven.
        $me->press('Done');
        $me->waitForText('Done: edges, belly, forearm.');
        $me->open('/builds/37#route');
        $me->press('gap each side, depth, centre line');
        $me->waitForText('7 readings are to be taken', 'h1');
        $this->readPocket($me);
        $me->waitForText('One reading is outside: pocket depth, 0.2 mm too much', 'h1');
        $me->waitForText('What the readings change');
        $me->press('shim the pocket');
        $me->press('Put it on the route');
        $me->waitForText('it is done over next', 'main');
        $me->waitForText('Closed: neck pocket', 'h1');

        // Without the server: the page opens, what is pressed is kept with its time, and sent once it is back.
        $me->open('/bench');
        $me->waitForText('Then today');
        $me->until(static fn (): bool => $me->driver->executeAsyncScript(
            "const done = arguments[0]; caches.open('regimen-bench').then((c) => c.match('/bench')).then((kept) => done(Boolean(kept) && navigator.serviceWorker.controller !== null)).catch(() => done(false));",
        ) === true, 'the page is kept');
        $this->shop->cut();
        $me->driver->navigate()->refresh();
        $me->waitForText('No network.');
        $me->press('Photograph');
        $me->type('Note', 'the grain runs out at the heel');
        $me->press('Write it down');
        $me->waitForText('One press waits for the network');
        $me->press('Something is wrong');
        $me->type('In your own words', 'a knot under the heel');
        $me->press('Write it down');
        $me->waitForText('2 presses wait for the network');
        $this->shop->mend();
        $me->waitForText('noted: the grain runs out at the heel');
        $me->waitForText('wrong: a knot under the heel');
        $me->press('Seen', '[aria-label="What has become of it"]');
        self::assertStringNotContainsString('wait for the network', $me->text('main'));

        // In the evening it asks once what is missing.
        $this->shop->setNow('2026-03-18T19:00:00+01:00');
        $me->open('/bench');
        $me->waitForText('are unaccounted for');
        $me->type('In one line', 'rest errands');
        $me->press('Save');
        $me->waitForText('The day is whole.');
        self::assertStringNotContainsString('unaccounted', $me->text('main'));
    }

    public function test_a_shared_tablet_shows_names_and_a_code_opens_the_bench_alone(): void
    {
        $me = $this->visit(ShopServer::demo(), 820, 1180);
        $me->signIn();
        $me->open('/people');
        $me->type('Name of this device', 'tablet at the neck bench');
        $me->press('Share this device');
        $me->waitForText('Who is at the bench?', 'h1');
        $me->press('Tobias Renn');
        $me->type('Bench code', '9999');
        $me->press('Open');
        $me->waitForText('That code is wrong.');
        $me->type('Bench code', '2026');
        $me->press('Open');
        $me->waitForPath('/bench');
        $me->waitForText('Tobias Renn · change');
        $me->open('/builds');
        self::assertSame('/bench', $me->path(), 'a code opens what belongs to the bench');
        $me->waitForText('Tobias Renn · change');

        // Without the server it stands under the chosen name, and the code sends it.
        $me->press('Tobias Renn · change');
        $me->waitForText('Who is at the bench?', 'h1');
        $me->until(static fn (): bool => $me->driver->executeAsyncScript(
            "const done = arguments[0]; caches.open('regimen-bench').then((c) => c.match('/bench/names')).then((kept) => done(Boolean(kept) && navigator.serviceWorker.controller !== null)).catch(() => done(false));",
        ) === true, 'the names are kept');
        $this->shop->cut();
        $me->driver->navigate()->refresh();
        $me->until(static fn (): bool => $me->driver->executeScript("return document.body.innerText.includes('Who is at the bench?')"), 'the names without the server');
        usleep(300_000);
        $me->press('Tobias Renn');
        $me->waitForText('No network.');
        $me->press('Photograph');
        $me->type('Note', 'glue is nearly out');
        $me->press('Write it down');
        $me->waitForText('One press waits for the network');
        $this->shop->mend();
        $me->waitForText('Bench code');
        $me->waitForText('One press stands under this name');
        $me->type('Bench code', '2026');
        $me->press('Send');
        $me->waitForText('noted: glue is nearly out');
    }

    public function test_the_set_up_loop_to_its_end(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/34/set-up');
        $me->waitForText('Read the relief next', 'h1');
        $this->write($me, 'relief', ['neck' => '0.45']);
        $me->waitForText('Relief comes first', 'h1');
        self::assertStringContainsString('Tighten the rod', $me->text('[data-step=relief]'));
        $this->write($me, 'relief', ['neck' => '0.2']);
        $me->waitForText('Read the nut next', 'h1');
        $this->writeAll($me, 'nut', '0.4');
        $me->waitForText('action', 'h1');
        $this->writeAll($me, 'action', '1.8');
        $me->waitForText('intonation', 'h1');
        $this->writeAll($me, 'intonation', '0');
        $me->waitForText('The set-up is as it should be', 'h1');
        // The last one is sharp; its saddle goes back by the definition.
        $me->press('intonation', '[data-step=intonation]');
        $me->waitFor('[data-step=intonation] input');
        $last = $this->names($me, 'intonation');
        $this->write($me, 'intonation', [end($last) => '5']);
        $me->waitForText('move its saddle');
        self::assertMatchesRegularExpression('/1\.\d+ mm back/', $me->text('[data-step=intonation]'));
        $me->press('take back', 'aside');
        $me->waitForText('Taken back');
        $me->waitForText('The set-up is as it should be', 'h1');
    }

    /** Gaps and centre line as they should be; the depth with its point missing, and too much. */
    private function readPocket(Visitor $me): void
    {
        foreach ([1 => '0.10', 2 => '0.05 mm', 4 => '+0028.02', 5 => '28.1', 6 => '110', 7 => '110.1'] as $place => $value) {
            $this->typeInto($me, "input[name='place-{$place}']", $value);
            $me->keys(WebDriverKeys::ENTER);
            $me->until(static fn (): bool => $me->driver->executeScript("return document.querySelector('tr[data-place=\"{$place}\"] .given') !== null"), "reading {$place}");
        }
        $this->typeInto($me, "input[name='place-3']", '164');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('did you mean 16.4 mm?');
        $me->press('Yes, 16.4 mm');
    }

    /** What a plugged-in tool does: it types where the focus is. */
    private function typeInto(Visitor $me, string $selector, string $text): void
    {
        $me->until(static fn (): bool => $me->driver->executeScript(
            <<<'JS'
            const field = document.querySelector(arguments[0]);
            if (!field) return false;
            field.scrollIntoView({ block: 'center' });
            field.focus();
            field.value = arguments[1];
            field.dispatchEvent(new Event('input', { bubbles: true }));
            return true;
            JS,
            [$selector, $text],
        ) === true, $selector);
    }

    /** @return list<string> */
    private function names(Visitor $me, string $step): array
    {
        return array_map(strval(...), (array) $me->driver->executeScript("return [...document.querySelectorAll('[data-step={$step}] input')].map((one) => one.getAttribute('aria-label').split(', ').slice(1).join(', '))"));
    }

    private function writeAll(Visitor $me, string $step, string $value): void
    {
        $me->waitFor("[data-step={$step}] input");
        $this->write($me, $step, array_fill_keys($this->names($me, $step), $value));
    }

    /** @param  array<string, string>  $values */
    private function write(Visitor $me, string $step, array $values): void
    {
        foreach ($values as $name => $value) {
            $this->typeInto($me, "[data-step={$step}] input[aria-label='{$step}, {$name}']", $value);
        }
        $me->press("Write down the {$step}");
        $me->waitForText('Written down.');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\ShopServer;

/** When something goes wrong: from the press at the bench to the new plan; pieces, photographs, the logbook and the facts. */
final class SetbackJourneyTest extends BrowserTestCase
{
    private function picture(string $name): string
    {
        $file = sys_get_temp_dir().'/regimen-'.bin2hex(random_bytes(4))."-{$name}";
        $image = imagecreatetruecolor(640, 480);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 120, 80, 40));
        imagejpeg($image, $file);

        return $file;
    }

    public function test_a_spoiled_piece_goes_from_the_press_at_the_bench_to_the_new_plan(): void
    {
        $me = $this->visit(ShopServer::demo(), 390, 844);
        $me->signIn('Tobias Renn');
        $me->waitForPath('/bench');
        $me->press('Something is wrong');
        $me->choose('What happened', 'sawn, routed or sanded too far');
        $me->choose('On which piece', 'body');
        $me->type('In your own words', 'The cutter went through at the horn');
        $me->driver->findElement(WebDriverBy::cssSelector('[data-tell] input[type=file]'))->sendKeys($this->picture('horn.jpg'));
        $me->waitForText('horn.jpg');
        $me->press('Write it down');
        $me->waitForText('Written down; it stands on Today until it is decided.');
        self::assertFalse($me->isWiderThanTheScreen());

        $this->browser->resize(1280, 800);
        $me->open('/account');
        $me->press('Sign out');
        $me->signIn();
        $me->waitForText('The cutter went through at the horn');
        $me->press('What can be done', '[data-wrong="9"]');
        $me->waitForText('The cutter went through at the horn', 'h1');
        $me->waitFor('img[alt^="What went wrong"]');
        // Each way on is planned through the whole shop.
        $me->until(static fn (): bool => ! str_contains($me->text('main'), 'it is being planned'), 'every way on is planned');
        self::assertStringContainsString('cannot be chosen', $me->text('[data-remedy^="build:"]'));
        $again = '[data-remedy="again:"]';
        self::assertStringContainsString('kept', $me->text($again));
        $me->driver->findElement(WebDriverBy::cssSelector("{$again} input[type=radio]"))->click();
        $me->press('A new body');
        $me->waitForText('a new body');
        $me->waitFor('[data-decided]');
        self::assertStringContainsString('Decided by Ines Varga', $me->text('[data-decided]'));

        // The build's money says what was lost, and that it is not in its cost; its route has the body to make again.
        $build = (int) filter_var($me->text('main p a b'), FILTER_SANITIZE_NUMBER_INT);
        $me->open("/builds/{$build}#money");
        $me->waitFor('[data-figure=losses]');
        $me->open("/builds/{$build}#pieces");
        self::assertMatchesRegularExpression('/body 0 of \d+ operations/', $me->text('[data-piece-kind=body]'));
        $me->open('/setbacks');
        $me->waitForText('The cutter went through at the horn');
        self::assertStringContainsString('a new body', $me->text('[data-setbacks]'));
    }

    public function test_the_neck_of_one_build_goes_to_another_in_a_scenario_and_a_piece_from_stock_into_a_third(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/pieces');
        $me->choose('Build', '38 · Osterby');
        $me->choose('Piece', 'neck');
        $me->choose('With', '36 · Summer show');
        $me->press('Try it beside the plan');
        $me->waitForText('The neck with its fretboard of 36 goes into 38, and 36 makes another.');
        $me->waitFor('[data-effect]');
        // Somebody is at work on it: they stop first.
        $me->press('Apply');
        $me->waitForText('Maren Holt’s clock still runs on “radius the board”.');
        $me->open('/builds/36#hours');
        $me->press('Stop', '#hours');
        $me->until(static fn (): bool => ! str_contains($me->text('#hours'), 'running'), 'the clock stands');
        $me->open('/plan/try/1');
        $me->press('Apply');
        $me->waitForText('Applied.');
        $me->open('/builds/38#pieces');
        $me->waitForText('made for 36', '[data-piece-kind=neck]');
        $me->open('/builds/36#pieces');
        self::assertStringContainsString('0 of', $me->text('[data-piece-kind=neck]'));

        $me->open('/pieces');
        $me->choose('Build', '37 · Abara');
        $me->choose('With', '35 · Quayle');
        $me->press('Try it beside the plan');
        $me->waitForText('does not fit');

        $me->open('/pieces');
        $me->press('Put it into 40', '[data-piece="1"]');
        $me->waitForText('goes into 40');
        $me->open('/builds/40#pieces');
        $me->waitForText('came as P1', '[data-piece-kind=fretboard]');
    }

    public function test_a_day_s_photographs_stand_in_a_strip_those_for_the_client_are_chosen_and_the_logbook_is_searched_and_corrected(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/36#photographs');
        $me->type('What it shows', 'the horns before sanding');
        $me->driver->findElement(WebDriverBy::cssSelector('#photographs input[type=file]'))->sendKeys($this->picture('horns.jpg'));
        $me->waitForText('The photograph stands in the logbook.');
        $me->waitForText('the horns before sanding', '#photographs');
        $mine = '[data-photograph]:last-child';
        $me->until(static fn (): bool => (int) $me->driver->executeScript("return document.querySelector('{$mine} img').naturalWidth") === 640, 'the picture is shown');
        $me->tick('for the client', $mine);
        $me->waitForText('Chosen for the client.');

        $file = tempnam(sys_get_temp_dir(), 'regimen-').'.jpg';
        file_put_contents($file, "#!/bin/sh\necho no picture\n");
        $me->driver->findElement(WebDriverBy::cssSelector('#photographs input[type=file]'))->sendKeys($file);
        $me->waitForText('That is no photograph that can be read.');

        $me->open('/logbook');
        $me->type('Words', 'horn sand');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('the horns before sanding', 'main');
        $me->press('correct', '[data-entry]');
        $me->type('What is right', 'It shows the waist.');
        $me->press('Write it down');
        $me->waitForText('Corrected: It shows the waist.');
        self::assertStringContainsString('the horns before sanding', $me->text('main'), 'the entry itself stands');
    }

    public function test_a_finished_instrument_has_a_sheet_of_facts_and_how_it_is_looked_after(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/30');
        $me->press('Facts and care sheet');
        $me->waitForText('How to look after it');
        $main = $me->text('main');
        foreach (['Hours of work', 'Weight', 'measured', 'as drawn', 'Fretboard', 'Cloths with drying oil'] as $told) {
            self::assertStringContainsString($told, $main);
        }
        $sheet = $me->driver->executeAsyncScript("const done = arguments[0]; fetch('/builds/30/facts-a4.pdf').then(async (a) => done([a.status, a.headers.get('content-type'), (await a.arrayBuffer()).byteLength]));");
        self::assertSame([200, 'application/pdf'], [$sheet[0], $sheet[1]]);
        self::assertGreaterThan(20_000, $sheet[2]);
    }
}

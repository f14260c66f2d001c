<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** Writing in the editor itself: keys, rows, files, two tabs, a phone, and somebody who may only read. */
final class SpecificationEditorTest extends BrowserTestCase
{
    private const URL = '/builds/41/specification';

    private function manager(int $width = 1280, int $height = 800): Visitor
    {
        $me = $this->visit(ShopServer::demo(), $width, $height);
        $me->signIn();
        $me->open(self::URL);
        $me->waitFor('[data-view=front] svg');

        return $me;
    }

    public function test_a_stop_is_found_fixed_and_released_with_the_keyboard_alone(): void
    {
        $me = $this->manager();
        $me->tabTo('Neck');
        $me->tabTo('Joint');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitFor('[data-field=neckAngle]');
        $me->tabTo('Bridge beyond its travel');
        $me->keys(WebDriverKeys::ENTER);
        $me->until(
            static fn (): bool => $me->driver->executeScript('return document.activeElement.name') === 'neckAngle',
            'the field that the finding is about',
        );
        $me->tabTo('Pack the bridge up by');
        $me->keys(WebDriverKeys::ENTER);
        $me->until(
            static fn (): bool => ! str_contains($me->text('.findings'), 'Bridge beyond its travel'),
            'the finding to go',
        );
        $me->driver->executeScript('document.querySelector("h1 a").focus();');
        $me->tabTo('Release to the bench');
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('Released to the bench.');
        self::assertStringContainsString('released Wed 18 Mar', $me->text('.head'));
    }

    public function test_a_value_is_the_clients_when_it_is_typed_and_the_houses_again_when_it_is_taken_back(): void
    {
        $me = $this->manager();
        $mark = static fn (): string => trim($me->text('[data-field=overhang] span[aria-hidden]'));
        self::assertSame('○', $mark());
        $me->type('Board beyond the last fret', '10');
        $me->until(static fn (): bool => $mark() === '●', 'the client’s mark');
        $me->until(
            static fn (): bool => str_contains($me->text('[data-field=overhang]'), '25/64"'),
            'inches beside millimetres',
        );
        $me->type('Board beyond the last fret', '3/8"');
        $me->until(
            static fn (): bool => str_contains($me->text('[data-field=overhang]'), '9.53 mm'),
            'millimetres beside inches',
        );
        $me->driver->executeScript(
            'const f = document.querySelector("[data-field=overhang] input"); f.value = ""; f.dispatchEvent(new '
                .'Event("input", { bubbles: true }));',
        );
        $me->until(static fn (): bool => $mark() === '○', 'the house’s mark again');
        self::assertSame('8 mm', $me->field('Board beyond the last fret')->getAttribute('placeholder'));
    }

    public function test_layers_and_pickups_are_added_changed_and_given_back(): void
    {
        $me = $this->manager();
        $me->press('Electronics', '.groups');
        $me->press('Change the pickups');
        $me->press('Add a pickup', '[data-field=pickups]');
        $me->waitForText('Write for example neck', '[data-field=pickups]');
        $me->type('Name', 'middle', '[data-field=pickups] [data-row="2"]');
        $me->choose('Kind', 'single-coil', '[data-field=pickups] [data-row="2"]');
        $me->waitFor('[data-finding=hum]');
        $me->press('Drop pickup 3', '[data-field=pickups]');
        $me->until(
            static fn (): bool => ! str_contains($me->text('.findings'), 'Single coils without shielding'),
            'the note to go',
        );
        $me->press('As the house has them', '[data-field=pickups]');
        $me->waitForText('neck humbucker', '[data-field=pickups]');
        $me->press('Body', '.groups');
        $me->type('Thickness', '4', '[data-field=layers] [data-row="0"]');
        $me->until(
            static fn (): bool => str_contains($me->text('[data-view=layers]'), '4.0 western redcedar'),
            'the layer in the drawing',
        );
        $me->type('Body thickness, as agreed', '45');
        $me->waitFor('[data-finding=layers].stop');
        $me->press('layer 2 41.0', '[data-finding=layers]');
        $me->until(
            static fn (): bool => $me->driver->executeScript(
                'return document.querySelector("[data-row=\\"1\\"] input").value',
            ) === '41.00 mm',
            'the fix inside the row',
        );
        $me->until(
            static fn (): bool => ! str_contains($me->text('.findings'), 'Layers do not add up'),
            'the stop to go',
        );
        self::assertStringContainsString('45.0 mm', $me->text('[data-view=layers]'));
    }

    public function test_dimensions_are_switched_off_and_a_figure_opens_to_its_formula(): void
    {
        $me = $this->manager();
        $count = static fn (): int => count(
            $me->driver->findElements(WebDriverBy::cssSelector('[data-view=front] .as-dimension')),
        );
        self::assertGreaterThan(5, $count());
        $me->tick('Dimensions');
        $me->until(static fn (): bool => $count() === 0, 'the dimensions to go');
        $me->press('Nut to twelfth', '.fields');
        $me->waitForText('635.00 × (1 − 2^(−12/12)) = 317.500 mm', '.fields');
        $me->waitForText('equal temperament, by definition', '.fields');
    }

    public function test_a_file_is_brought_in_or_refused_line_by_line(): void
    {
        $me = $this->manager();
        $me->press('Files');
        $file = sys_get_temp_dir().'/regimen-import-'.bin2hex(random_bytes(5)).'.json';
        $bring = static function (string $json) use ($me, $file): void {
            file_put_contents($file, $json);
            $me->driver->findElement(WebDriverBy::cssSelector('input[aria-label="Choose a specification (.json)"]'))
                ->setFileDetector(new LocalFileDetector)
                ->sendKeys($file);
        };
        $bring("{\"format\": \"regimen-specification/1\",\n\"client\": {\"scale\": \"long\",\n\"frets\": 99}}");
        $me->waitForText('Line 2: scale', '.middle');
        self::assertStringContainsString('Line 3: frets', $me->text('.middle'));
        $bring('{"format": "regimen-specification/1", "client": {"scale": "26 in", "frets": "21"}}');
        $me->waitForText('would be another.', '[data-look]');
        self::assertStringContainsString('660.4 mm', $me->text('[data-look]'));
        $me->press('Import it');
        $me->waitForText('The specification from the file is saved in this revision.');
        unlink($file);
        $me->press('Scale and board', '.groups');
        self::assertSame('26 in', $me->field('Scale')->getAttribute('value'));
    }

    public function test_of_two_tabs_the_second_is_told_and_keeps_what_it_wrote(): void
    {
        $me = $this->manager();
        $first = $me->driver->getWindowHandle();
        $me->driver->switchTo()->newWindow();
        $me->open(self::URL);
        $me->type('Frets', '21');
        $me->press('Save');
        $me->waitForText('Specification saved.');
        $this->browser->toTab($first);
        $me->type('Frets', '24');
        $me->press('Save');
        $me->waitForText('was changed by somebody else in the meantime');
        self::assertSame(
            '24', $me->field('Frets')->getAttribute('value'), 'what was written stays to be kept or given up',
        );
        $me->press('Save');
        $me->waitForText('Specification saved.');
        $me->open(self::URL);
        self::assertSame('24', $me->field('Frets')->getAttribute('value'));
    }

    public function test_what_cannot_be_kept_stays_as_it_was_written(): void
    {
        $me = $this->manager();
        $me->type('Scale', 'long');
        $me->type('Frets', '21');
        $me->press('Save');
        $me->waitForText('“long” can\'t be read', '.fields');
        usleep(400_000);
        self::assertSame(
            ['long', '21'],
            [$me->field('Scale')->getAttribute('value'), $me->field('Frets')->getAttribute('value')],
        );
    }

    public function test_leaving_with_something_unkept_asks_first(): void
    {
        $me = $this->manager();
        $me->type('Frets', '21');
        $me->press('Builds', 'nav');
        $alert = $me->driver->switchTo()->alert();
        self::assertStringContainsString('not kept yet', $alert->getText());
        $alert->dismiss();
        self::assertSame(self::URL, $me->path());
        self::assertSame('21', $me->field('Frets')->getAttribute('value'));
        $me->press('Save');
        $me->waitForText('Specification saved.');
        $me->press('Builds', 'nav');
        $me->waitForPath('/builds');
    }

    public function test_it_can_be_written_on_a_phone(): void
    {
        $me = $this->manager(390, 844);
        self::assertFalse($me->isWiderThanTheScreen());
        $me->press('Joint', '.groups');
        $me->type('Neck angle', '0');
        $me->until(
            static fn (): bool => ! str_contains($me->text('.findings'), 'Bridge beyond its travel'),
            'the finding to go',
        );
        foreach (['Tables', 'Files'] as $tab) {
            $me->press($tab, '.tabs');
            self::assertFalse($me->isWiderThanTheScreen(), $tab);
        }
    }

    public function test_a_maker_reads_and_downloads_and_writes_nothing(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn('Tobias Renn');
        $me->open(self::URL);
        $me->waitFor('[data-view=front] svg');
        self::assertStringContainsString('Bridge beyond its travel', $me->text('.findings'));
        self::assertSame([], $me->driver->findElements(WebDriverBy::cssSelector('.fields input, .fields select')));
        self::assertStringNotContainsString('Release', $me->text('main'));
        self::assertStringNotContainsString('Fixes:', $me->text('main'));
        $me->press('Files');
        self::assertStringContainsString('DXF R12', $me->text('.middle'));
        self::assertStringNotContainsString('Import', $me->text('.middle'));
    }
}

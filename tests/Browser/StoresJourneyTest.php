<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use TCPDF2DBarcode;
use Tests\Browser\Support\Visitor;

/** From what is missing to what lies in the drawer. */
final class StoresJourneyTest extends BrowserTestCase
{
    use SignedInManager;

    public function test_a_parcel_arrives_with_one_part_too_few_and_one_wrong(): void
    {
        $me = $this->manager();
        $me->open('/stores');
        $me->waitForText('on', '[data-order="2"]');
        $me->press('Order 2');
        $me->waitForText('Order 2 comes on', 'h1');
        $me->press('Something is missing or wrong');
        $row = '[data-line="locking tuner, nickel"]';
        $this->write($me, "{$row} input[name^='came-']", '13');
        $me->press('Take the parcel in');
        $me->waitForText('12 pieces are still to come; more was not ordered', $row);
        $this->write($me, "{$row} input[name^='came-']", '11');
        $this->write($me, "{$row} input[name^='wrong-']", '1');
        $me->press('Take the parcel in');
        $me->waitForText('Say what is wrong with it.', $row);
        $this->write($me, "{$row} input[name^='because-']", 'thread stripped');
        $me->press('Take the parcel in');
        $me->waitForText('Of order 2 1 line is still to come', 'h1');
        $me->waitForText('1 still to come', 'main');

        // What came right is in the kits and in the drawer; what came wrong waits for a decision.
        $me->open('/stores/parts?find=locking+tuner');
        $me->waitForText('10 pieces', '[data-part="locking tuner, nickel"]');
        $me->open('/stores');
        $me->waitForText('thread stripped', '[data-wrong="locking tuner, nickel"]');
        $me->press('Send it back', '[data-wrong="locking tuner, nickel"]');
        $this->write($me, '[data-wrong="locking tuner, nickel"] input[name="quantity"]', '2');
        $me->press('It goes back', '[data-wrong="locking tuner, nickel"]');
        $me->waitForText('cannot', '[data-wrong="locking tuner, nickel"]');
        $this->write($me, '[data-wrong="locking tuner, nickel"] input[name="quantity"]', '1');
        $me->press('It goes back', '[data-wrong="locking tuner, nickel"]');
        $me->waitForText('It goes back.');
        $me->until(static fn (): bool => ! str_contains($me->text('main'), 'thread stripped'), 'it is gone');
        $me->open('/stores/values');
        $me->waitForText('Parts month by month');
        self::assertStringContainsString('-', $me->text('tbody tr:first-child td:nth-child(7)'), 'it is sent back in this month');
    }

    public function test_a_late_pickup_what_it_endangers_and_what_would_help(): void
    {
        $me = $this->manager();
        $me->open('/stores');
        $me->waitForText('likely now', '[data-late="pickup"]');
        self::assertStringContainsString('The first work with it is planned for', $me->text('[data-late="pickup"]'));
        self::assertStringContainsString('Order pickup from hardware supplier', $me->text('[data-late="pickup"]'));
        $me->press('Try it', '[data-late="pickup"]');
        $me->waitForText('pickup', 'h1');
        $me->waitForText('expected', 'main');
        $me->open('/stores');
        $me->waitForText('likely now', '[data-late="pickup"]');

        // Another part of the catalogue lies in the drawer, once the house says that it does in its place.
        $me->open('/stores/parts?find=single-coil');
        $me->press('single-coil soapbar');
        $me->waitForText('2 pieces free', 'h1');
        $me->open('/stores/parts?find=pickup');
        $me->press('Count the stock');
        $this->write($me, '[data-part="single-coil soapbar"] input', '3');
        $me->press('Book what was counted');
        $me->waitForText('1 difference booked.');
        $me->open('/stores');
        $me->waitForText('Take single-coil soapbar out of stock', '[data-late="pickup"]');
        $me->press('Take it', '[data-late="pickup"]');
        $me->waitForText('is in the kit of');
        $me->until(static fn (): bool => ! str_contains($me->text('main'), 'likely now'), 'nothing is late any more');
        $me->open('/builds/38#kit');
        $me->waitForText('single-coil soapbar', '#kit');
    }

    public function test_work_is_sent_out_and_comes_back(): void
    {
        $me = $this->manager();
        $me->open('/stores/away?build=37');
        $me->waitForText('Nothing is sent out', 'h1');
        $me->choose('Operation', 'wire the harness');
        $me->choose('Done by', 'electronics supplier');
        $me->press('It is agreed');
        $me->waitForText('needed');
        foreach (['What is done there' => 'harness wired', 'Days it is away' => '6', 'Costs' => '75'] as $label => $typed) {
            $me->type($label, $typed);
        }
        $me->press('It is agreed');
        $me->waitForText('1 piece is to be sent out', 'h1');
        $me->open('/builds/37#kit');
        $me->waitForText('harness wired, by electronics supplier', '#kit');
        $me->open('/stores/away');
        $me->press('It is sent', '[data-sent="harness wired"]');
        $me->waitForText('1 piece is away', 'h1');
        $me->press('It is back', '[data-sent="harness wired"]');
        $me->press('It is right', '[data-sent="harness wired"]');
        $me->waitForText('Look at it first', '[data-sent="harness wired"]');
        $me->type('Looked at, and found', 'every position measured');
        $me->press('It is right', '[data-sent="harness wired"]');
        $me->waitForText('Nothing is sent out', 'h1');
        self::assertStringContainsString('harness wired of No. 37, back from electronics supplier, every position measured', $me->text('main'));
    }

    /** The code is drawn as it is printed, and read by the page’s own decoder. */
    public function test_a_label_is_printed_and_what_it_names_is_opened_by_scanning_it(): void
    {
        $me = $this->manager();
        $me->open('/stores/labels');
        $me->waitFor('input[value="board 3"]')->click();
        $me->waitForText('One label chosen', 'h1');
        $me->press('On the simulated label printer');
        $me->waitForText('1 label printed');
        $me->open('/scan');
        $file = sys_get_temp_dir().'/regimen-label-'.bin2hex(random_bytes(4)).'.png';
        $this->picture('http://shop.example/label/board/3', $file);
        $me->driver->findElement(WebDriverBy::cssSelector('input[type="file"]'))->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $me->waitForPath('/timber/3');
        unlink($file);
        $me->open('/scan');
        $me->type('Or type it', 'board 999');
        $me->press('Open', 'form');
        $me->waitForText('board 999 is not in the stores');
        $me->type('Or type it', 'drawer A1');
        $me->press('Open', 'form');
        $me->waitForText('2 parts found', 'h1');
        self::assertStringContainsString('sealed tuner, chrome', $me->text('main'));
    }

    private function picture(string $says, string $file): void
    {
        $code = (new TCPDF2DBarcode($says, 'QRCODE,M'))->getBarcodeArray();
        $side = 8;
        $image = imagecreatetruecolor(($code['num_cols'] + 8) * $side, ($code['num_rows'] + 8) * $side);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 255, 255));
        foreach ($code['bcode'] as $y => $row) {
            foreach ($row as $x => $isDark) {
                (int) $isDark === 1 && imagefilledrectangle($image, ($x + 4) * $side, ($y + 4) * $side, ($x + 5) * $side - 1, ($y + 5) * $side - 1, 0);
            }
        }
        imagepng($image, $file);
    }

    private function write(Visitor $me, string $selector, string $typed): void
    {
        $field = $me->waitFor($selector);
        $field->clear();
        $field->sendKeys($typed);
    }
}

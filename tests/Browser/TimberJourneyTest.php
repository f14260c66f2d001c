<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** From the board that came in to the blank under somebody's hand. */
final class TimberJourneyTest extends BrowserTestCase
{
    public function test_a_board_is_taken_in_its_knots_are_marked_and_three_builds_are_cut_from_it(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $weight = $this->weight($me, 38);
        $finish = $this->finish($me, 38);

        $me->open('/timber');
        $me->press('Take a board in');
        $me->choose('Timber', 'sugar maple');
        foreach (['Length, rough' => '8 ft 2 1/2"', 'Width' => '90', 'Thickness' => '40', 'Meter reads, %' => '140', 'Weighs, kg' => '8'] as $label => $typed) {
            $me->type($label, $typed);
        }
        $me->press('Take it in');
        $me->waitForText('without its cost');
        $me->waitForText('between 3 and 60');
        $me->type('Cost', '96.40');
        $me->type('Meter reads, %', '16');
        $me->press('Take it in');
        $me->waitForPath('/timber/26');
        $me->waitForText('settles until', 'h1');

        // One knot is drawn at the far end, another is typed, and one beside the board is refused.
        $this->draw($me, 0.96, 0.2, 0.98, 0.7);
        $me->until(static fn (): bool => (float) $me->field('From the end')->getAttribute('value') > 2_300, 'the mark as it was drawn');
        $me->press('Mark it');
        $me->waitForText('Marked.');
        foreach (['From the end' => '2600', 'From the edge' => '10', 'Along the grain' => '20', 'Across' => '20'] as $label => $typed) {
            $me->type($label, $typed);
        }
        $me->press('Mark it');
        $me->waitForText('outside of the board');
        $me->type('From the end', '2450');
        $me->press('Mark it');
        $me->until(static fn (): bool => substr_count($me->text('main'), 'take it off') === 2, 'two marks');

        $me->press('Plan the cuts');
        $me->waitForText('3 pieces from 1 board', 'h1');
        self::assertStringContainsString('39 neck', $me->text('[data-marked="26"]'));
        // Moved onto each other they cannot be cut; looked for again they can.
        $second = $me->waitFor('[data-piece="1"] input');
        $second->clear();
        $second->sendKeys("30\t");
        $me->waitForText('cannot be cut', 'h1');
        $me->waitForText('kerf between them', '[data-marked="26"]');
        $me->press('Look for the best again');
        $me->waitForText('3 pieces from 1 board', 'h1');
        // Held and taken to the lower edge it lies there, and is judged.
        $piece = $me->driver->findElement(WebDriverBy::cssSelector('[data-marked="26"] g'));
        (new WebDriverActions($me->driver))->moveToElement($piece)->clickAndHold()->moveByOffset(0, 4)->moveByOffset(0, 4)->release()->perform();
        $me->waitForText('Laid by hand.');
        $me->press('Look for the best again');
        $me->waitForText('3 pieces from 1 board', 'h1');
        $me->press('Cut it');
        $me->waitForText('Cut: 3 blanks are reserved');
        self::assertStringContainsString('from board 26', $me->text('[data-blank="2"]'));

        $me->open('/timber/26');
        $me->waitForText('is not in the shop any more', 'h1');

        // It stands in the kit at its share of the cost, in the weight, and in the day on which the instrument is done.
        $me->open('/builds/38#kit');
        $me->waitForText('from board 26', '[data-kit="sugar maple for the neck"]');
        self::assertMatchesRegularExpression('/\d+\.\d\d/', $me->text('[data-kit="sugar maple for the neck"]'));
        self::assertGreaterThan($weight, $this->weight($me, 38));
        self::assertGreaterThan(strtotime($finish), strtotime($this->finish($me, 38)), 'the plan waits until it is settled');

        $me->open('/builds/38#route');
        $link = (string) $me->waitFor("li[data-operation^='square the neck blank']")->getDomProperty('id');
        $me->open('/bench?operation='.preg_replace('/\D/', '', $link));
        $me->waitForText('from board 26', '[data-timber]');
        self::assertStringContainsString('ready ', $me->text('[data-timber]'));
    }

    private function weight(Visitor $me, int $build): float
    {
        $me->open("/builds/{$build}#specification");
        $me->waitForText('Expected weight', '#specification');

        return preg_match('/Expected weight\s+([\d.]+)/', $me->text('#specification'), $found) === 1 ? (float) $found[1] : 0.0;
    }

    private function finish(Visitor $me, int $build): string
    {
        $me->open("/builds/{$build}");
        $me->waitFor('[data-figure=finish]');

        return $me->text('[data-figure=finish]').' 2027';
    }

    /** Draws a box on the board, its corners as shares of its length and width. */
    private function draw(Visitor $me, float $x1, float $y1, float $x2, float $y2): void
    {
        $board = $me->driver->findElement(WebDriverBy::cssSelector('main svg[role=img]'));
        ['width' => $width, 'height' => $height] = ['width' => $board->getSize()->getWidth(), 'height' => $board->getSize()->getHeight()];
        $at = static fn (float $share, int $size): int => (int) round(($share - 0.5) * $size);
        (new WebDriverActions($me->driver))->moveToElement($board, $at($x1, $width), $at($y1, $height))->clickAndHold()
            ->moveToElement($board, $at($x2, $width), $at($y2, $height))->release()->perform();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** A newcomer with the README alone: a first commission, specified, released and seen planned, by the words that stand there. */
final class FirstCommissionTest extends BrowserTestCase
{
    private const MOST_GESTURES = 40;

    private int $gestures = 0;

    private string $readme;

    private Visitor $me;

    private function press(string $words): void
    {
        $this->told($words);
        $this->me->press($words);
    }

    private function type(string $label, string $text): void
    {
        $this->told($label);
        $this->me->type($label, $text);
    }

    private function choose(string $label, string $option): void
    {
        $this->told($label);
        $this->me->choose($label, $option);
    }

    /** Each gesture is one that the README names by the words on the screen. */
    private function told(string $words): void
    {
        $this->gestures++;
        self::assertStringContainsString("*{$words}*", $this->readme, "the README says “{$words}”");
    }

    public function test_it_goes_by_the_words_of_the_readme_in_few_gestures_and_without_a_typed_address(): void
    {
        $readme = (string) file_get_contents(dirname(__DIR__, 2).'/README.md');
        $this->readme = (string) preg_replace('/\s+/', ' ', $readme);
        $this->me = $this->visit(ShopServer::demo());
        $this->me->open('/');
        $this->type('E-mail address', 'ines@example.org');
        $this->type('Password', 'demo-bench-2026');
        $this->press('Sign in');
        $this->me->waitForPath('/today');
        $this->press('Builds');
        $this->press('New commission');
        $this->me->waitForPath('/commissions/new');
        $this->type('Client', 'Rosalind Ferrow');
        $this->type('Scale', '25 1/2"');
        $this->choose('Finish', 'wiping oil');
        $this->type('Price, EUR', '5200');
        $this->type('Promise date', 'in 6 months');
        $this->me->waitForText('Fri 18 Sep 2026', 'form');
        $this->press('Take the commission');
        $this->me->waitForText('No. 42 is on the plan.');
        $this->press('Specify it');
        $this->me->waitForText('Release to the bench');
        $this->type('Nut width', '43');
        $this->press('Save');
        $this->me->waitForText('Specification saved.');
        $this->press('Release to the bench');
        $this->me->waitForText('Released to the bench.');
        $this->press('Horizon');
        $this->me->waitForPath('/horizon');
        $this->me->waitForText('42 · Ferrow', 'main');
        self::assertMatchesRegularExpression('/42 · Ferrow.*?finish \d+ \w+/s', $this->me->text('main'), 'planned, with a finish');
        self::assertLessThanOrEqual(self::MOST_GESTURES, $this->gestures);
    }
}

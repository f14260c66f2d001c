<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** The order of work is read, changed against its rules, compared, and the house learns another way. */
final class RouteJourneyTest extends BrowserTestCase
{
    private function manager(): Visitor
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();

        return $me;
    }

    public function test_reasons_are_read_and_another_way_is_chosen_by_its_price(): void
    {
        $me = $this->manager();
        $me->open('/builds/41/route');
        $me->press('glue the fretboard to the neck', '#stages');
        $me->waitForText('From here on board and neck are one piece.', '.opened');
        self::assertStringContainsString('A spoiled slot now spoils the neck too.', $me->text('.opened'));
        self::assertStringContainsString('keeps flat beam', $me->text('.opened'));
        $me->press('fret slots', '.opened');
        $me->waitForText('317.5 ± 0.2 mm', '.opened');
        $me->press('radius the board', '#stages');
        $me->waitForText('At the router table', '[data-ways="'.FretboardOperation::Radius->value.'"]');
        $before = $me->text('[data-figure=work]');
        $me->until(
            fn (): bool => str_contains($me->text('[data-ways="'.FretboardOperation::Radius->value.'"]'), '−2.'),
            'the price of the jig',
        );
        self::assertStringContainsString(
            'which the shop does not have', $me->text('[data-ways="'.FretboardOperation::Radius->value.'"]'),
            'and why the machine is no choice',
        );
        $me->press('Do it this way', '[data-ways="'.FretboardOperation::Radius->value.'"]');
        $me->waitForText('This build is made that way');
        self::assertNotSame($before, $me->text('[data-figure=work]'));
        $me->waitForText('radius the board, by jig', '.opened');
        $me->press('Reset to what is derived');
        $me->waitForText('The route is what is derived again.');
        self::assertSame('every rule of order is kept', mb_strtolower($me->text('h1')));
    }

    public function test_moving_against_a_rule_names_what_is_spoiled_and_wants_a_reason(): void
    {
        $me = $this->manager();
        $me->open('/builds/41/route');
        $me->choose('Operation', 'bridge position and holes', '#change');
        $me->choose('Before', 'neck pocket, fitted to its own neck', '#change');
        $me->waitFor('#change [data-broken=stop]');
        self::assertStringContainsString(
            'a bridge set from the outline stands beside the strings', $me->text('#change'),
        );
        self::assertSame(
            'true',
            $me->driver->executeScript('return String(document.querySelector("#change button.do").disabled)'),
        );
        $me->type(
            'Why it is done all the same (kept in the logbook)', 'The plate is fixed by the template.', '#change',
        );
        $me->press('Change the route', '#change');
        $me->waitForText('The route is changed, and everything is planned again.');
        self::assertStringContainsString('broken on purpose', $me->text('h1'));
        self::assertStringContainsString('The plate is fixed by the template.', $me->text('#changes'));
        $me->choose('What is to be different', 'one after another', '#change');
        $me->choose('Operation', 'fretboard to thickness', '#change');
        $me->choose('After', 'pack or hand over', '#change');
        $me->waitForText('wait for each other in a circle', '#change');
        $me->open('/builds/41#logbook');
        self::assertStringContainsString('Reason: The plate is fixed by the template.', $me->text('#logbook'));
        $me->open('/builds/41/route');
        $me->press('undo', '#changes li:nth-child(2)');
        $me->waitForText('Undone.');
        self::assertSame('Every rule of order is kept', $me->text('h1'));
    }

    public function test_the_picture_is_walked_by_keyboard(): void
    {
        $me = $this->manager();
        $me->open('/builds/41/route');
        $me->waitFor('.streams a[data-key="'.NeckOperation::Channel->value.'"]');
        $me->driver->executeScript(
            'document.querySelector(".streams a[data-key=\''.NeckOperation::Channel->value.'\']").focus();',
        );
        $me->keys(WebDriverKeys::ENTER);
        $me->waitForText('truss-rod channel', '.opened h3');
        $me->waitFor('.streams .link');
        $me->keys(WebDriverKeys::TAB);
        $me->keys(WebDriverKeys::ENTER);
        $me->until(fn (): bool => ! str_contains($me->text('.opened h3'), 'truss-rod'), 'the next operation');
        self::assertStringContainsString('#', (string) $me->driver->getCurrentURL(), 'the address says which');
    }

    public function test_the_same_instrument_is_compared_and_the_house_changes_its_way(): void
    {
        $me = $this->manager();
        $me->open('/builds/41/route');
        $me->press('Compare', 'nav[aria-label="On this page"]');
        $me->waitForPath('/builds/41/route/compare');
        $me->press('in nitrocellulose');
        $me->waitFor('[data-row="Alone in the shop"]');
        $cells = explode(' days', str_replace('Alone in the shop', '', $me->text('[data-row="Alone in the shop"]')));
        self::assertGreaterThan((float) $cells[0] + 10, (float) $cells[1]);
        $me->open('/house/standards');
        $me->press('fretboard', '#operations');
        $me->press('Make this the house’s way', '[data-standard="radius the board, by jig"]');
        $me->waitForText('Saved. Builds that have their route keep it until it is derived again.');
        self::assertStringContainsString('the house’s way', $me->text('[data-standard="radius the board, by jig"]'));
        $me->choose('Fret slots', 'after the board is glued', '#methods');
        $me->waitForText('slots the trade’s → after', '#history');
        $me->open('/climate');
        $me->type('Temperature, °C', 'cold');
        $me->type('Relative humidity, %', '50');
        $me->press('Save this reading');
        $me->waitForText('Write degrees Celsius, for example 19.5.');
        $me->type('Temperature, °C', '12');
        $me->press('Save this reading');
        $me->waitForText('It is too cold to spray: 12.0 °C', 'h1');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;

/** The manager looks after the house, and the plan follows. */
final class HouseJourneyTest extends BrowserTestCase
{
    public function test_people_hours_standards_prices_and_parts(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();

        $me->open('/people');
        $me->type('Name', 'Odile Marsch', '.sheet');
        $me->type('Rate an hour', 'plenty', '.sheet');
        $me->tick('finish', '.sheet');
        $me->press('Add', '.sheet');
        $me->waitForText('can\'t be read', '.sheet');
        self::assertSame('Odile Marsch', $me->field('Name', '.sheet')->getAttribute('value'));
        $me->type('Rate an hour', '42.50', '.sheet');
        $me->press('Add', '.sheet');
        $me->waitForText('5 people work here', 'h1');
        $odile = 'li:nth-child(5)';
        $me->press('Change', $odile);
        $me->setDate('A day off', '2026-03-20', $odile);
        $me->press('Add the day', $odile);
        $me->waitForText('Fri 20 Mar', $odile);

        $me->open('/house');
        $me->type('Labour an hour, EUR', '52');
        $me->type('Saturday', 'sometimes');
        $me->press('Save rates and hours');
        $me->waitForText('8:00–12:00, 12:30–17:00, or nothing for a free day');
        $me->type('Saturday', '9–12');
        $me->press('Save rates and hours');
        $me->waitForText('Saved, and everything is planned again.');
        $me->press('House standards');
        $me->waitForPath('/house/standards');
        $me->press('neck', '#operations');
        $carve = '[data-standard="carve the neck, by hand"]';
        $me->waitForText('by hand', $carve);
        $me->type('Labour', '0:45', $carve);
        $me->press('Save', $carve);
        $me->waitForText('Saved, and everything is planned again.');
        $me->until(
            fn (): bool => $me->field('Labour', $carve)->getAttribute('value') === '45 min',
            'the standard as it is kept',
        );

        $me->open('/parts');
        self::assertStringContainsString('One part is overdue', $me->text('h1'));
        $pickups = '[data-part="bass pickup"]';
        $me->press('change the order', $pickups);
        $me->setDate('Expected on', '2026-03-02', $pickups);
        $me->press('Change the order', $pickups);
        $me->waitForText('That day is past', $pickups);
        $me->setDate('Expected on', '2026-03-27', $pickups);
        $me->press('Change the order', $pickups);
        $me->waitForText('bass pickup is on order.');
        $me->waitForText('One part is overdue', 'h1');
        // What stands in an order with others is changed there, for all of it.
        $me->open('/stores/orders/1');
        $me->press('it comes on another day');
        $me->setDate('Expected on', '2026-03-27');
        $me->press('Write it down');
        $me->waitForText('Order 1 comes on Fri 27 Mar', 'h1');
        $me->open('/parts');
        $me->waitForText('parts are on their way', 'h1');
        $me->type('Find', 'truss rod');
        $price = '.sheet:last-of-type li:first-child';
        $me->waitForText('two-way truss rod', $price);
        $me->type('Cost', '29.90', $price);
        $me->press('Save', $price);
        $me->waitForText('Kits that have been made keep their prices.');
    }

    public function test_a_promise_is_moved_and_a_build_called_off(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->open('/builds/32');
        self::assertStringContainsString('late by 4 working days', $me->text('[data-figure=slack]'));
        $me->press('Move the promise');
        $me->setDate('Promise date', '2026-04-10');
        $me->press('Set the promise');
        $me->waitForText('Nothing was written here', '.promise');
        $me->type('Why, as the client was told', 'The lacquer needs its time.');
        $me->press('Set the promise');
        $me->waitForText('working days of slack', '[data-figure=slack]');
        $me->section('Logbook');
        self::assertStringContainsString('The lacquer needs its time.', $me->text('#logbook'));

        $me->open('/builds/41');
        $me->press('Call the build off');
        $me->type('Why it is called off', 'Ordered twice by mistake.');
        $me->press('Call it off');
        $me->waitForText('What was recorded of it stays here.');
        $me->open('/horizon');
        self::assertStringNotContainsString('41 · Lindqvist', $me->text('main'));
    }

    public function test_the_next_thing_to_do_is_one_press_away(): void
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();
        $me->press('Start clock', 'footer');
        $me->waitForText('Your clock runs on full-size drawing and check.');
        $me->waitForText('Stop clock', 'footer');
        self::assertStringNotContainsString('Start clock', $me->text('footer'));
    }
}

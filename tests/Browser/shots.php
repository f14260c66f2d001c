<?php

declare(strict_types=1);

/*
 * Makes the pictures in docs/screenshots/ from the demo shop on its fixed morning. Run by ./regimen shots.
 */

use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$folder = dirname(__DIR__, 2).'/docs/screenshots';
is_dir($folder) || mkdir($folder, 0755, true);

$shop = ShopServer::demo();
$browser = Chromium::fresh();
$me = new Visitor($browser->driver, $shop->address);

$take = static function (string $name, int $settle = 700_000) use ($browser, $folder): void {
    usleep($settle);
    $browser->driver->takeScreenshot("{$folder}/{$name}.png");
    echo "docs/screenshots/{$name}.png\n";
};

try {
    $me->signIn();
    $take('today');
    foreach ([
        'horizon' => '/horizon', 'build-sheet' => '/builds/37', 'stores' => '/stores',
        'earned' => '/money/earned',
        'board' => '/timber/cutting?boards[]=12&boards[]=13',
    ] as $name => $path) {
        $me->open($path);
        $take($name);
    }
    $me->open('/builds/39/chance');
    // First the chances, then what would raise them.
    for ($look = 0; $look < 20 && str_contains($me->text('main'), 'being worked out'); $look++) {
        $shop->workOff();
        usleep(500_000);
    }
    usleep(3_000_000);
    for ($look = 0; $look < 20 && str_contains($me->text('main'), 'More is being tried'); $look++) {
        $shop->workOff();
        usleep(500_000);
    }
    $take('chance', 2_000_000);
    $me->open('/setbacks/8');
    $me->until(static fn (): bool => ! str_contains($me->text('main'), 'it is being planned'), 'every way on is planned');
    $take('wrong');
    $me->open('/horizon');
    $me->press('by person');
    $me->press('Days');
    $take('horizon-people');
    $me->open('/plan/help');
    $shop->workOff();
    $me->waitForText('Made in another way');
    $take('help');
    $me->press('Try it', '[data-help]');
    $me->waitFor('[data-effect]');
    $take('try');
    $me->open('/builds/41/route');
    $me->press('glue the fretboard to the neck', '#stages');
    $me->driver->executeScript('window.scrollTo(0, 0);');
    $take('route');
    $me->open('/house/standards');
    $me->press('fretboard', '#operations');
    $take('standards');
    $me->open('/templates/1?build=32');
    $take('template');
    $me->open('/commissions/new');
    $me->waitFor('[data-figure=ready]');
    $me->choose('Instrument', 'flat-top');
    $me->waitFor('[data-field=backTimber]');
    $me->choose('Back', 'black walnut');
    $me->type('Body binding', '1.5');
    $me->type('Client', 'Rosalind Ferrow');
    $me->type('Price, EUR', '6,400');
    $me->setDate('Promise date', '2026-12-18');
    $me->press('Take the commission');
    $me->waitForPath('/builds/42');
    $me->open('/builds/42/specification');
    $me->press('Box', '.groups');
    $me->waitFor('[data-view=top] svg');
    $me->driver->executeScript('document.querySelector("[data-view=top]").scrollIntoView({ block: "center" }); window.scrollTo(0, 0);');
    $take('flat-top');
    $me->open('/builds/39/client');
    $me->waitForText('Work still to do', '[data-reckoned]');
    $me->driver->executeScript('document.querySelector("#agreed").scrollIntoView();');
    $take('change-order');
    $me->open('/builds/34/client');
    $page = (string) parse_url($me->text('[data-address]'), PHP_URL_PATH);
    $gate = $me->gateOf(37);
    $me->open($gate);
    foreach ([1 => '0.10', 2 => '0.15', 3 => '16.4'] as $place => $value) {
        $field = $me->waitFor("input[name='place-{$place}']");
        $field->clear();
        $field->sendKeys("{$value}\n");
        $me->waitFor("tr[data-place='{$place}'] .given");
    }
    $me->waitForText('One reading is outside', 'h1');
    $me->driver->executeScript('window.scrollTo(0, 0);');
    $take('gate');
    $browser->resize(390, 844);
    $me->open('/bench?operation='.explode('/', $gate)[2]);
    $take('bench');
    $me->open($page);
    $take('client');
} finally {
    $shop->stop();
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** A served shop of its own and a real Chromium in front of it, as good as new. */
abstract class BrowserTestCase extends TestCase
{
    protected ShopServer $shop;

    protected Chromium $browser;

    protected Visitor $visitor;

    protected function visit(ShopServer $shop, int $width = 1280, int $height = 800): Visitor
    {
        $this->shop = $shop;
        $this->browser = Chromium::fresh($width, $height);
        $this->browser->driver->manage()->timeouts()->setScriptTimeout(60);

        return $this->visitor = new Visitor($this->browser->driver, $shop->address);
    }

    protected function tearDown(): void
    {
        if (isset($this->shop)) {
            $this->shop->stop();
        }
    }
}

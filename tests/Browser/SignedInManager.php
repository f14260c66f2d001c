<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** What the tests of this subject share. */
trait SignedInManager
{
    private function manager(): Visitor
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();

        return $me;
    }
}

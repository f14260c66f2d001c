<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

/** What the tests of this subject share. */
trait BenchWork
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

/** What the tests of this subject share. */
trait ReadCalendars
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build([], '2026-05-15');
        $this->actingAs($this->manager);
    }
}

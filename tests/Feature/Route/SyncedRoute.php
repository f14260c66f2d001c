<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Planning\Plan\Planner;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use Regimen\Instrument\Reading\SpecificationReader;

/** What the tests of this subject share. */
trait SyncedRoute
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
    }

    /** @param  array<string, mixed>  $typed */
    private function draft(array $typed): Draft
    {
        return app(Drafting::class)->draft(SpecificationReader::read([...self::SPECIFICATION, ...$typed])->orFail());
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<string>
     */
    private function sync(array $typed): array
    {
        $draft = $this->draft($typed);
        $useless = app(RouteSync::class)->apply($this->build, $draft);
        app(Planner::class)->replan('test');

        return $useless;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** What the tests of this subject share. */
trait RoutesByMethod
{
    /**
     * @param  array<string, mixed>  $typed
     * @param  array<string, string>  $answers
     */
    private static function route(array $typed, array $answers = []): Route
    {
        return RoutePlanner::withAllRules()->plan(
            self::specification($typed), TradeStandards::all(), Methods::of($answers),
        );
    }

    /** @param  array<string, mixed>  $typed */
    private static function specification(array $typed): Specification
    {
        return Specifications::sixString($typed);
    }
}

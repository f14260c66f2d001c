<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Operation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** What the tests of this subject share. */
trait EditedRoutes
{
    private const INLAY = [
        'kind' => 'add', 'key' => 'own.1', 'name' => 'initials in the twelfth fret', 'stage' => 'fretboard',
        'pieces' => ['fretboard'], 'set_up' => 10, 'labour' => 180, 'hold' => 720, 'skill' => 'frets',
        'station' => null, 'fixture' => null, 'after' => [FretboardOperation::Taper->value],
        'before' => [FretboardOperation::Glue->value],
    ];

    /** @param  array<string, mixed>  ...$changes */
    private static function edit(array ...$changes): EditedRoute
    {
        return Edits::apply(
            RoutePlanner::withAllRules()->plan(Specifications::sixString(), TradeStandards::all()),
            array_values($changes),
        );
    }

    /** @return array<string, int> */
    private static function positions(Route $route): array
    {
        return array_flip(array_map(static fn (Operation $operation): string => $operation->key, $route->operations));
    }
}

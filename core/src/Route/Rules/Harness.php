<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The harness is wired on the bench. */
final readonly class Harness implements RouteRule
{
    public function name(): string
    {
        return 'The harness from measured parts';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->electrics->pickups !== [];
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('electronics.harness', [], ['electronics'], why: 'On the bench both hands reach every joint.');
        $draft->add('electronics.install', [Piece::Body], ['pickups'], why: 'A tap at every switch position tells whether it is right.');
        $draft->after('electronics.install', ['electronics.harness', 'body.wiring'], 'It is soldered on the bench first.');
        $draft->after('electronics.install', ['finish.body.cure', 'finish.cure', 'finish.body.polish', 'finish.polish'], 'Pickups and pots go through finish that has cured.');
    }
}

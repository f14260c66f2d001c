<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Wire paths and grounding of a hollow body, before the top closes it. */
final readonly class HiddenWires implements RouteRule
{
    public function name(): string
    {
        return 'Wire paths before a hollow body is closed';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isHollow() && $specification->isLayered() && $specification->electrics->pickups !== [] && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('body.paths', [Piece::Body], why: 'Wires and grounding run through chambers that nobody reaches later.');
        $draft->after('body.paths', ['body.chambers', 'design.draw'], 'They run from chamber to chamber, as drawn.');
        $draft->after('body.glue-layers', 'body.paths', 'Behind a glued top nobody drills round a corner.', 'A wire forgotten inside means opening the top.');
    }
}

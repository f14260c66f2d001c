<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Wire paths and grounding of a hollow body, before the top closes it. */
final readonly class HiddenWires implements RouteRule
{
    public function name(): string
    {
        return 'Wire paths before a hollow body is closed';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isHollow() && $specification->isLayered() && $specification->electrics->pickups !== []
            && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Paths,
            [Piece::Body],
            why: 'Wires and grounding run through chambers that nobody reaches later.',
        );
        $draft->after(
            BodyOperation::Paths, [BodyOperation::Chambers, PreparationOperation::Draw],
            'They run from chamber to chamber, as drawn.',
        );
        $draft->after(
            BodyOperation::GlueLayers, BodyOperation::Paths, 'Behind a glued top nobody drills round a corner.',
            'A wire forgotten inside means opening the top.',
        );
    }
}

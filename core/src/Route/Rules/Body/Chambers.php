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

/** Chambers are routed in the open blank, with every access planned before it is closed. */
final readonly class Chambers implements RouteRule
{
    public function name(): string
    {
        return 'What is hollow gets its access before it is closed';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isRelieved() && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Chambers,
            [Piece::Body],
            why: 'They take weight and give air; joint, bridge and electronics stay solid.',
        );
        $draft->after(BodyOperation::Chambers, BodyOperation::Thickness, 'Depths are taken from the finished face.');
        $draft->after(
            BodyOperation::Chambers, PreparationOperation::Draw,
            'The drawing says what must stay solid: joint, bridge, electronics.',
            'A chamber under the bridge or the joint cannot be filled again.',
        );
        $draft->after(
            BodyOperation::GlueLayers,
            BodyOperation::Chambers,
            'What is hollow gets its access, wire paths and grounding before it is closed.',
            'The cavity is closed without its access; the top has to come off again.',
        );
        $draft->after(
            BodyOperation::Outline, BodyOperation::Chambers, 'Inside the square blank the router has all its support.',
        );
    }
}

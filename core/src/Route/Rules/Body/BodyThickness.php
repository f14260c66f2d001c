<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The blank brought to thickness. */
final readonly class BodyThickness implements RouteRule
{
    public function name(): string
    {
        return 'Thickness before anything is measured from a face';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(BodyOperation::Thickness, [Piece::Body], why: 'Every depth is taken from its face.');
        $draft->after(BodyOperation::Outline, BodyOperation::Thickness, 'The template lies flat on the planed face.');
    }
}

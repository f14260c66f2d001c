<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Binding round the body: ledge, dry fit, bond. */
final readonly class BodyBinding implements RouteRule
{
    public function name(): string
    {
        return 'Binding along the finished outline';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->bodyBinding->mm > 0
            && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Binding, [Piece::Body], glue: $methods->glue(Question::BindingGlue),
            why: 'It guards the edge and closes the joint of the layers.',
        );
        $draft->after(BodyOperation::Binding, BodyOperation::Outline, 'The ledge is cut along the finished outline.');
        $draft->after(
            BodyOperation::Edges, BodyOperation::Binding,
            'Edges are rounded in the binding, not in the timber behind it.',
            'A rounded edge leaves no ledge for the binding.',
        );
        $draft->after(BodyOperation::Sand, BodyOperation::Binding, 'It is scraped flush with the body.');
    }
}

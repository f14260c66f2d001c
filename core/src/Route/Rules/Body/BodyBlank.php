<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The body’s blank: pieces glued side by side. */
final readonly class BodyBlank implements RouteRule
{
    public function name(): string
    {
        return 'The blank is glued before it is planed';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->body !== BodyConstruction::FlatTop
            && $specification->joinery->joint !== NeckJoint::Through && $specification->bodywork->bodyPieces > 1;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Joint, [Piece::Body], glue: $methods->glue(Question::JointGlue),
            why: 'The blank becomes as wide as the body.',
        );
        $draft->after(
            BodyOperation::Thickness, BodyOperation::Joint, 'All pieces are planed as one.',
            'Pieces planed apart do not make one flat face.',
        );
    }
}

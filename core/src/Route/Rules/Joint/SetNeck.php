<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Rule of order 3: a set neck is glued in after the body has its colour. */
final readonly class SetNeck implements RouteRule
{
    public function name(): string
    {
        return 'A set neck goes in after fill and colour';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::Set, NeckJoint::Dovetail], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            JointOperation::GlueNeck, [Piece::Neck, Piece::Fretboard, Piece::Body],
            glue: $methods->glue(Question::JointGlue), why: 'From here on it is one instrument.',
        );
        $draft->after(
            JointOperation::GlueNeck,
            [FinishOperation::Fill, FinishOperation::Stain, FinishOperation::Colour],
            'The body is filled and coloured first; around a neck that is in, both would leave edges.',
            'Filler and colour leave an edge round the heel that does not come out.',
        );
        $draft->after(
            JointOperation::GlueNeck,
            [
                JointOperation::DryFit, NeckOperation::Sand, BodyOperation::Sand, BodyOperation::Cavities,
                BodyOperation::Wiring,
            ],
            'What cannot be reached after joining, heel, tongue and under the overhang, is sanded and fitted before.',
            'Heel and overhang cannot be reached any more.',
        );
    }
}

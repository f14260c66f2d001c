<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A neck that runs through: the body is glued to it as wings. */
final readonly class ThroughNeck implements RouteRule
{
    public function name(): string
    {
        return 'Wings are glued to a neck that runs through';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->joinery->joint === NeckJoint::Through;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            JointOperation::Wings,
            [Piece::Neck, Piece::Body],
            glue: $methods->glue(Question::JointGlue),
            why: 'The neck is the middle of the body; from here on it is one instrument.',
        );
        $draft->after(
            JointOperation::Wings,
            [NeckOperation::Square, NeckOperation::Channel, NeckOperation::Rods, NeckOperation::Recheck],
            'Wings are glued to square, finished sides; a channel is cut before they are in the way.',
            'Between its wings the blank has no edge to be guided by.',
        );
        $draft->after(
            JointOperation::Wings,
            [BodyOperation::Thickness, BodyOperation::GlueLayers, BodyOperation::Chambers, BodyOperation::Paths],
            'Each part is worked as far as possible on its own: a fault then costs a wing.',
            'A fault in a wing now costs the neck too.',
        );
        $draft->after(BodyOperation::Outline, JointOperation::Wings, 'Wings and neck are cut by one template.');
        $draft->after(
            NeckOperation::Outline, BodyOperation::Outline,
            'The body’s end is cut before the shaft is brought to its width.',
        );
        $draft->after(NeckOperation::Carve, BodyOperation::Edges, 'The heel is carved into the shaped body.');
    }
}

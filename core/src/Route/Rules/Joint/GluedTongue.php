<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Of a bolted neck on a box only the tongue is glued. */
final readonly class GluedTongue implements RouteRule
{
    public function name(): string
    {
        return 'Only the tongue is glued';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isBox() && $specification->joinery->joint === NeckJoint::Mortise;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(JointOperation::GlueTongue, [Piece::Neck, Piece::Fretboard, Piece::Body], glue: $methods->glue(Question::JointGlue), why: 'The bolts hold the neck; glue only keeps the board’s end on the top, and lets it come off again.');
        $draft->after(
            JointOperation::GlueTongue, [JointOperation::Screws, JointOperation::DryFit, CoatStep::BodyCure, CoatStep::BodyPolish, CoatStep::NeckCure, FinishOperation::PolishNeck],
            'It is glued to bare wood under the tongue, once everything round it is finished.', 'Glued before, it cannot be finished round the heel.',
        );
        $draft->after(AssemblyOperation::LevelFrets, JointOperation::GlueTongue, 'Frets are levelled on a board whose end lies still.');
    }
}

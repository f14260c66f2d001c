<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A bolted neck: holes for screws, or inserts for bolts. */
final readonly class BoltedNeck implements RouteRule
{
    public function name(): string
    {
        return 'A bolted neck can come off again';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            JointOperation::Screws,
            [Piece::Neck, Piece::Fretboard, Piece::Body],
            standard: $specification->joinery->joint === NeckJoint::Mortise
                ? JointOperation::Inserts
                : JointOperation::Screws,
            why: 'They hold the neck, and let it come off again.',
        );
        $draft->after(
            JointOperation::Screws, [JointOperation::Pocket, NeckOperation::Outline],
            'The holes go through the fitted joint.',
        );
        $draft->after(
            JointOperation::Screws, JointOperation::Bridge,
            'The neck is clamped on the centre line that the bridge stands on.',
        );
        $draft->after(
            JointOperation::DryFit, JointOperation::Screws, 'The neck is screwed on to try the strings.',
            'Without its screws no string can be tried.',
        );
    }
}

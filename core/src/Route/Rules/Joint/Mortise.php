<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Tenon and mortise, or a dovetail and its socket, fitted to each other. */
final readonly class Mortise implements RouteRule
{
    public function name(): string
    {
        return 'The mortise is fitted to its tenon';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::Mortise, NeckJoint::Dovetail], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $isDovetail = $specification->joinery->joint === NeckJoint::Dovetail;
        $draft->add(
            JointOperation::Tenon, [Piece::Neck], name: $isDovetail ? 'cut the dovetail' : null,
            why: $isDovetail ? 'It goes into the body and draws itself tight.' : 'It goes into the body and takes the bolts.',
        );
        $draft->after(
            JointOperation::Tenon, NeckOperation::Outline, 'It is set out from the centre line between the edges.',
        );
        $draft->after(
            NeckOperation::Carve, JointOperation::Tenon, 'It is cut while the heel is square.',
            'A carved heel cannot be clamped square for the tenon.',
        );
        $draft->add(
            JointOperation::Pocket, [Piece::Neck, Piece::Body], standard: $isDovetail ? JointOperation::Dovetail : JointOperation::Mortise,
            why: 'The joint carries the strings’ pull.',
        );
        $draft->after(
            JointOperation::Pocket, JointOperation::Tenon, 'The mortise is fitted to its own tenon.',
            'A mortise cut first gapes; it cannot be made smaller.',
        );
        $draft->after(
            JointOperation::Pocket, [BodyOperation::Outline, BodyOperation::Thickness],
            'Its depth is taken from the finished body.',
        );
    }
}

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

/** The pocket of a bolted or set neck, fitted to its own neck. */
final readonly class NeckPocket implements RouteRule
{
    public function name(): string
    {
        return 'The pocket is fitted to its own neck';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Set], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(JointOperation::Pocket, [Piece::Neck, Piece::Body], why: 'The joint carries the strings’ pull.');
        $draft->after(
            JointOperation::Pocket, NeckOperation::Outline, 'The pocket is fitted to its own neck.',
            'A pocket cut to a drawing gapes; it cannot be made smaller.',
        );
        $draft->after(
            JointOperation::Pocket, [BodyOperation::Outline, BodyOperation::Thickness],
            'Its depth is taken from the finished body.',
        );
    }
}

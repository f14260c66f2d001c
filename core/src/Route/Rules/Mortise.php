<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Tenon and mortise, fitted to each other. */
final readonly class Mortise implements RouteRule
{
    public function name(): string
    {
        return 'The mortise is fitted to its tenon';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->joinery->joint === NeckJoint::Mortise;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('joint.tenon', [Piece::Neck], why: 'It goes into the body and takes the bolts.');
        $draft->after('joint.tenon', 'neck.outline', 'It is set out from the centre line between the edges.');
        $draft->after('neck.carve', 'joint.tenon', 'It is cut while the heel is square.', 'A carved heel cannot be clamped square for the tenon.');
        $draft->add('joint.pocket', [Piece::Neck, Piece::Body], standard: 'joint.mortise', why: 'The joint carries the strings’ pull.');
        $draft->after('joint.pocket', 'joint.tenon', 'The mortise is fitted to its own tenon.', 'A mortise cut first gapes; it cannot be made smaller.');
        $draft->after('joint.pocket', ['body.outline', 'body.thickness'], 'Its depth is taken from the finished body.');
    }
}

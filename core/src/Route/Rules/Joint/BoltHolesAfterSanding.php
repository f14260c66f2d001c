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

/** Bolt holes when nothing shapes the heel any more. */
final readonly class BoltHolesAfterSanding implements RouteRule
{
    public function name(): string
    {
        return 'Bolt holes after the last sanding';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true)
            && $methods->is(Question::BoltHoles, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            JointOperation::Screws, [NeckOperation::Sand, BodyOperation::Sand],
            'The last shaping and sanding of the heel moves the neck a hair.',
        );
    }
}

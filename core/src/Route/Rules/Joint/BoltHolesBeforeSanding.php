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

/** Bolt holes on the machine, before the last sanding. */
final readonly class BoltHolesBeforeSanding implements RouteRule
{
    public function name(): string
    {
        return 'Bolt holes before the last sanding';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true)
            && $methods->is(Question::BoltHoles, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            NeckOperation::Sand, JointOperation::Screws, 'They are drilled while neck and body still lie square.',
        );
        $draft->after(
            BodyOperation::Sand, JointOperation::Screws, 'They are drilled while neck and body still lie square.',
        );
    }
}

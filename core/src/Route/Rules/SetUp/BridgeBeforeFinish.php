<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The bridge on bare wood, masked while the finish goes on. */
final readonly class BridgeBeforeFinish implements RouteRule
{
    public function name(): string
    {
        return 'The bridge stands before the first coat';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isBox() && $methods->is(Question::GluedBridge, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(BoxOperation::GlueBridge, BodyOperation::Sand, 'It is glued to a top that is sanded for the last time.', 'Round a bridge that is on nothing is sanded evenly.');
        $draft->after([JointOperation::DryFit, FinishOperation::Fill, FinishOperation::Stain, FinishOperation::Colour], BoxOperation::GlueBridge, 'It stands on bare wood before anything is put on it.', 'Glue holds on wood, not on finish.');
    }
}
